import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, changing, http, keys, type Api } from '../../shared/http';
import { usePreferences } from '../../shared/units';

export type GoalOf = Api<'GoalResponse'>;
export type Goal = Api<'GoalJson'>;
export type Off = Api<'GoalDistance'>;
export type Programme = Api<'ProgrammeJson'>;

/** What a rider wants to be able to ride, and how far off it is. */
export function useGoal(riderId: number) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: keys.goal(riderId, system),
    queryFn: () =>
      body(http.GET('/api/riders/{id}/goal', { params: { path: { id: riderId }, query: { system } } })),
  });
}

/** Keeps a goal; none takes it away. */
export function useSaveGoal(riderId: number) {
  const { system } = usePreferences();
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ stored, goal }: { stored: GoalOf; goal: Goal | undefined }) =>
      changing(stored, (header) =>
        http.PUT('/api/riders/{id}/goal', {
          params: { path: { id: riderId }, query: { system }, header },
          body: goal === undefined ? {} : { goal },
        }),
      ),
    onSuccess: (kept) => client.setQueryData(keys.goal(riderId, system), kept),
  });
}
