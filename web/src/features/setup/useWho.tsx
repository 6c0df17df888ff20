import type { ReactNode } from 'react';
import { pairsOf, type Pair } from '../course';
import type { Day } from '../day';
import { useMachines } from '../machine';
import { useRiders } from '../rider';
import { useAddress } from '../../shared/address';
import { Select } from '../../shared/ui';

/** Whose room and whose marks the sheet tells of. */
export interface Who {
  pair: Pair | undefined;
  /** What to call them. */
  name: string;
  /** To choose somebody else; it stands in the address. */
  choice: ReactNode;
}

/** The one chosen, the first of the day to begin with. */
export function useWho(day: Day | undefined): Who {
  const machines = useMachines().data ?? [];
  const riders = useRiders().data ?? [];
  const [search, setAddress] = useAddress();
  const pairs = pairsOf(day, machines, riders);
  const pair = pairs.find((p) => p.key === search.get('for')) ?? pairs[0];
  return {
    pair,
    name: pair ? named(pair) : '',
    choice: pair && (
      <Select
        label="For"
        value={pair.key}
        options={pairs.map((p) => ({ value: p.key, label: named(p) }))}
        onChoose={(key) => setAddress('for', key)}
      />
    ),
  };
}

function named(p: Pair): string {
  return p.rider ? `${p.machine.name}, ${p.rider.name}` : p.machine.name;
}
