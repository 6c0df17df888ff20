import type { Day } from '../day';
import type { Machine } from '../machine';
import type { Rider } from '../rider';

/** A machine to compute for, with the rider on it that day; a machine alone is ridden by a developing rider. */
export interface Pair {
  key: string;
  machine: Machine;
  rider: Rider | undefined;
}

/** Everyone of the day in their order; without a day, every machine alone. */
export function pairsOf(day: Day | undefined, machines: Machine[], riders: Rider[]): Pair[] {
  if (day === undefined || day.riders.length === 0) {
    return machines.map((machine) => ({ key: `m${machine.id}`, machine, rider: undefined }));
  }
  return day.riders.flatMap((r) => {
    const machine = machines.find((m) => m.id === r.machineId);
    const rider = riders.find((o) => o.id === r.riderId);
    return machine && rider ? [{ key: `r${rider.id}`, machine, rider }] : [];
  });
}
