import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, changing, http, keys, type Api } from '../../shared/http';

export type Drill = Api<'Drill'>;
export type StoredDrill = Api<'StoredDrill'>;
export type Catalogue = Api<'CatalogueResponse'>;
export type RiderDrills = Api<'RiderDrills'>;
export type RiderDrill = Api<'RiderDrill'>;
export type State = Api<'DrillMastery'>['state'];
export type RiderOnMachine = Api<'RiderOnMachine'>;

/** All drills, with the words of stages and measures. */
export function useDrills() {
  return useQuery({ queryKey: keys.drills(), queryFn: () => body(http.GET('/api/drills')) });
}

/** Where riders stand, each on the machine ridden. What time ran out for is asked again. */
export function useDrillMastery(pairs: RiderOnMachine[]) {
  return useQuery({
    queryKey: keys.drillMastery(pairs),
    queryFn: () => body(http.POST('/api/calculations/drill-mastery', { body: { pairs } })),
    placeholderData: (before: RiderDrills[] | undefined) => before,
    refetchInterval: (query) => (query.state.data?.some((r) => r.unfinished) === true ? 1000 : false),
  });
}

/** Notes that a rider has shown a drill, or takes that back. */
export function useMaster() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({
      riderId,
      machineId,
      drillId,
      shown,
    }: RiderOnMachine & { drillId: string; shown: boolean }) => {
      const params = { params: { path: { riderId, machineId, drillId } } };
      const path = '/api/riders/{riderId}/machines/{machineId}/drills/{drillId}' as const;
      return body<unknown>(shown ? http.PUT(path, params) : http.DELETE(path, params));
    },
    onSuccess: () => client.invalidateQueries({ queryKey: keys.drillMastery() }),
  });
}

function useChanged() {
  const client = useQueryClient();
  return () =>
    Promise.all([
      client.invalidateQueries({ queryKey: keys.drills() }),
      client.invalidateQueries({ queryKey: keys.drillMastery() }),
    ]);
}

/** Stores a drill: changed, or new. */
export function useSaveDrill() {
  const changed = useChanged();
  return useMutation({
    mutationFn: ({ version, drill }: { version: number; drill: Drill }) =>
      changing({ version }, (header) =>
        http.PUT('/api/drills/{id}', { params: { path: { id: drill.id }, header }, body: drill }),
      ),
    onSuccess: changed,
  });
}

/** Leaves a drill out wherever drills are chosen, or no longer. */
export function useHideDrill() {
  const changed = useChanged();
  return useMutation({
    mutationFn: ({ stored, hidden }: { stored: StoredDrill; hidden: boolean }) =>
      changing(stored, (header) =>
        http.PUT('/api/drills/{id}/hidden', {
          params: { path: { id: stored.drill.id }, header },
          body: { hidden },
        }),
      ),
    onSuccess: changed,
  });
}

/** Restores a shipped drill, or takes one of one's own away. */
export function useRestoreDrill() {
  const changed = useChanged();
  return useMutation({
    mutationFn: (stored: StoredDrill) =>
      changing<unknown>(stored, (header) =>
        http.DELETE('/api/drills/{id}', { params: { path: { id: stored.drill.id }, header } }),
      ),
    onSuccess: changed,
  });
}

/** Brings drills in from the text of a file. */
export function useImportDrills() {
  const changed = useChanged();
  return useMutation({
    mutationFn: (file: string) =>
      body(http.POST('/api/drill-imports', { body: file, bodySerializer: (text: string) => text })),
    onSuccess: changed,
  });
}
