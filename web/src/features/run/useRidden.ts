import { isSame } from '../../shared/units';
import { useState } from 'react';

import { keep, readKept } from '../../shared/kept';

/**
 * Which of the settings that stand a rider rides, for the block: the one chosen for them on this device, else the one that
 * suits them. Undefined while several stand and neither is known: nothing is logged at a guess.
 */
export function useRidden(
  key: string,
  settings: number[],
  suits: number | undefined,
): { setting: number | undefined; choose: (metres: number) => void } {
  const name = `wren-lane.ridden.${key}`;
  const [here, setHere] = useState<Record<string, number>>({});
  const stands = (metres: unknown) =>
    typeof metres === 'number' ? settings.find((s) => isSame(s, metres)) : undefined;
  const only = settings.length === 1 ? settings[0] : undefined;
  return {
    setting: only ?? stands(here[name] ?? readKept(name)) ?? stands(suits),
    choose: (metres) => {
      keep(name, metres);
      setHere((before) => ({ ...before, [name]: metres }));
    },
  };
}
