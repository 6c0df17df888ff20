import { useState } from 'react';
import { keep, readKept } from '../../shared/kept';

/** Which cones of a course stand already, kept on this device for the day: wind and a closed phone lose nothing. */
export function useTicks(key: string) {
  const name = `wren-lane/stands/${key}`;
  const [ticked, setTicked] = useState<string[]>(() => read(name));
  const set = (labels: string[]) => {
    setTicked(labels);
    keep(name, labels);
  };
  return {
    ticked,
    tick: (label: string, stands: boolean) =>
      set(stands ? [...ticked.filter((l) => l !== label), label] : ticked.filter((l) => l !== label)),
    clear: () => set([]),
  };
}

function read(name: string): string[] {
  const kept = readKept(name);
  return Array.isArray(kept) ? kept.filter((l) => typeof l === 'string') : [];
}
