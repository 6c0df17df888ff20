import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, changing, http, keys, type Api } from '../../shared/http';
import { usePreferences } from '../../shared/units';

export type Lesson = Api<'LessonResponse'>;
export type Settings = Api<'LessonSettings'>;
export type Wish = Api<'WishJson'>;
export type Block = Api<'PlannedBlock'>;
export type Finding = Lesson['findings'][number];

/** The lesson of a day as it stands. */
export function useLesson(dayId: number) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: keys.lesson(dayId, system),
    queryFn: () =>
      body(http.GET('/api/days/{dayId}/lesson', { params: { path: { dayId }, query: { system } } })),
    // Who rides what of what stands is computed in the background.
    refetchInterval: ({ state }) => (state.data?.unfinished === true ? 1000 : false),
  });
}

/** Stores what a lesson is planned from; the plan comes back. */
export function useSaveLesson(dayId: number) {
  const client = useQueryClient();
  const { system } = usePreferences();
  return useMutation({
    mutationFn: ({ version, settings }: { version: number; settings: Settings }) =>
      changing({ version }, (header) =>
        http.PUT('/api/days/{dayId}/lesson', {
          params: { path: { dayId }, query: { system }, header },
          body: settings,
        }),
      ),
    onSuccess: (lesson) => {
      client.setQueryData(keys.lesson(dayId, system), lesson);
      void client.invalidateQueries({ queryKey: keys.briefing(dayId) });
    },
  });
}

/** Lessons to begin from. */
export function useTemplates(dayId: number) {
  return useQuery({
    queryKey: keys.lessonTemplates(dayId),
    queryFn: () => body(http.GET('/api/days/{dayId}/lesson-templates', { params: { path: { dayId } } })),
  });
}
