import { useMutation, useQuery } from '@tanstack/react-query';
import { body, changing, http, keys, useKeeping, useRemoval, type Api, type Seen } from '../../shared/http';

export type Machine = Api<'MachineResponse'>;
export type MachineRequest = Api<'MachineRequest'>;
export type MachineClass = Api<'MachineClassResponse'>;
export type TurnReport = Api<'TurnReport'>;
export type SideTurn = Api<'SideTurnJson'>;

/** All machines. */
export function useMachines() {
  return useQuery({ queryKey: keys.machines(), queryFn: () => body(http.GET('/api/machines')) });
}

/** The classes with their typical figures. */
export function useMachineClasses() {
  return useQuery({
    queryKey: keys.machineClasses(),
    staleTime: Infinity,
    queryFn: () => body(http.GET('/api/machine-classes')),
  });
}

/** What a machine could do, as it is being described. */
export function useTurnReport(machine: MachineRequest) {
  return useQuery({
    queryKey: keys.turnReport(machine),
    retry: false,
    placeholderData: (before: TurnReport | undefined) => before,
    queryFn: () => body(http.POST('/api/calculations/machine-evaluations', { body: machine })),
  });
}

/** Stores a machine, new or changed. */
export function useSaveMachine() {
  const keep = useKeeping<Machine>(keys.machines);
  return useMutation({
    mutationFn: ({ stored, machine }: { stored?: Seen; machine: MachineRequest }) =>
      stored === undefined
        ? body(http.POST('/api/machines', { body: machine }))
        : changing(stored, (header) =>
            http.PUT('/api/machines/{id}', { params: { path: { id: stored.id }, header }, body: machine }),
          ),
    onSuccess: keep,
  });
}

/** Deletes a machine nobody has ridden. */
export const useDeleteMachine = () => useRemoval((params) => http.DELETE('/api/machines/{id}', { params }));
