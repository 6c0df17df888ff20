import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, changing, http, keys, ofStored, type Api } from '../../shared/http';

export type Options = Api<'TeachingOptions'>;
export type Teaching = Api<'TeachingResponse'>;
export type Way = Api<'TeachingWay'>;
export type Choice = Teaching['choices'][number];
export type School = Way['school'];
export type Change = Api<'TeachingChange'>;
export type ChangesRequest = Api<'ChangesRequest'>;
export type Heat = Api<'MethodHeat'>;

/** Schools and the choices beside them. */
export function useTeachingOptions() {
  return useQuery({
    queryKey: keys.teachingOptions(),
    staleTime: Infinity,
    queryFn: () => body(http.GET('/api/teaching-options')),
  });
}

/** The choices as they stand. */
export function useTeaching() {
  return useQuery({ queryKey: keys.teaching(), queryFn: () => body(http.GET('/api/teaching')) });
}

/** Stores the choices. */
export function useSaveTeaching() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ stored, choices }: { stored: Teaching; choices: Choice[] }) =>
      changing(stored, (header) => http.PUT('/api/teaching', { params: { header }, body: { choices } })),
    onSuccess: (teaching) => {
      client.setQueryData(keys.teaching(), teaching);
      return client.invalidateQueries({ queryKey: keys.drillMastery() });
    },
  });
}

/** What another way of teaching would change. */
export function useChanges(request: ChangesRequest) {
  return useQuery({
    queryKey: keys.teachingChanges(request),
    placeholderData: (before: Change[] | undefined) => before,
    queryFn: () => body(http.POST('/api/calculations/teaching-changes', { body: request })),
  });
}

/** How warm each school makes a machine's clutch. */
export function useHeat(machineId: number) {
  return useQuery({
    queryKey: keys.clutchHeat(machineId),
    queryFn: () => body(http.GET('/api/machines/{id}/clutch-heat', { params: { path: { id: machineId } } })),
  });
}

export type Aim = Api<'AimResponse'>;

/** How often a run should be clean. */
export function useAim() {
  return useQuery({ queryKey: keys.aim(), queryFn: () => body(http.GET('/api/aim')) });
}

/** Stores it; every size that is proposed may be another. */
export function useSaveAim() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ stored, cleanPercent }: { stored: Aim; cleanPercent: number }) =>
      changing(stored, (header) => http.PUT('/api/aim', { params: { header }, body: { cleanPercent } })),
    onSuccess: () => client.invalidateQueries({ predicate: ofStored }),
  });
}
