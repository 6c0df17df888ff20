import { useState } from 'react';
import { keep, readKept } from '../../shared/kept';

const NAME = 'wren-lane.stack';

/** As many as the server takes for usual where nothing is said. */
const USUAL = 12;
const MOST = 60;

/** How many cones somebody carries at once, as this device remembers it. */
export function stackHolds(): number {
  const kept = readKept(NAME);
  return typeof kept === 'number' ? kept : USUAL;
}

/** How many cones somebody carries at once: remembered on this device, for it is their arm. */
export function useStack(): { holds: number; say: (holds: number) => void } {
  const [holds, setHolds] = useState(stackHolds);
  return {
    holds,
    say: (wanted) => {
      if (!Number.isFinite(wanted)) return;
      const next = Math.max(1, Math.min(MOST, Math.round(wanted)));
      keep(NAME, next);
      setHolds(next);
    },
  };
}
