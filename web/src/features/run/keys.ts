import { isSame } from '../../shared/units';
import type { Fault, Side } from './api';
import { FAULTS } from '../fault';

/** What a key on the range asks for. */
export type Command =
  | { do: 'clean' }
  | { do: 'fault'; fault: Fault }
  | { do: 'log' }
  | { do: 'side'; side: Side }
  | { do: 'size'; by: 1 | -1 }
  | { do: 'next' }
  | { do: 'undo' }
  | { do: 'timer' };

const FIXED: Record<string, Command> = {
  // No browser scrolls with it, and no fault is 0.
  '0': { do: 'clean' },
  Enter: { do: 'log' },
  ArrowLeft: { do: 'side', side: 'LEFT' },
  ArrowRight: { do: 'side', side: 'RIGHT' },
  '[': { do: 'size', by: -1 },
  ']': { do: 'size', by: 1 },
  n: { do: 'next' },
  u: { do: 'undo' },
  k: { do: 'timer' },
};

/** The command of a key, if it has one. */
export function commandOf(key: string): Command | undefined {
  const fault = FAULTS.find((f) => f.letter.toLowerCase() === key.toLowerCase());
  if (fault) return { do: 'fault', fault: fault.fault };
  return FIXED[key.length === 1 ? key.toLowerCase() : key];
}

/** A fault tapped once is on, tapped again off. */
export function toggled(faults: Fault[], fault: Fault): Fault[] {
  return faults.includes(fault) ? faults.filter((f) => f !== fault) : [...faults, fault];
}

/** The size one step from a setting: +1 is tighter. Sizes are widest first. */
export function stepped(sizes: number[], setting: number, by: 1 | -1): number {
  const others = sizes.filter((r) => !isSame(r, setting));
  const beyond = by === 1 ? others.find((r) => r < setting) : others.findLast((r) => r > setting);
  return beyond ?? setting;
}
