import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, http, type Api } from '../../shared/http';

export type Day = Api<'DayResponse'>;
export type DayRequest = Api<'DayRequest'>;
export type Briefing = Api<'BriefingResponse'>;

/** All days, newest first. */
export function useDays() {
  return useQuery({ queryKey: ['days'], queryFn: () => body(http.GET('/api/days')) });
}

/** What a day needs, on one page. */
export function useBriefing(dayId: number | undefined) {
  return useQuery({
    queryKey: ['briefing', dayId],
    enabled: dayId !== undefined,
    queryFn: () => body(http.GET('/api/days/{id}/briefing', { params: { path: { id: dayId ?? 0 } } })),
  });
}

/** Stores a day, new or changed. */
export function useSaveDay() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, day }: { id?: number; day: DayRequest }) =>
      id === undefined
        ? body(http.POST('/api/days', { body: day }))
        : body(http.PUT('/api/days/{id}', { params: { path: { id } }, body: day })),
    onSuccess: () => void client.invalidateQueries(),
  });
}

/** Brings in a file of days. */
export function useImport() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async (file: File) => {
      const document = JSON.parse(await file.text()) as Api<'ImportDocument'>;
      return body(http.POST('/api/imports', { body: document }));
    },
    onSuccess: () => void client.invalidateQueries(),
  });
}
