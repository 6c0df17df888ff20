import { useState } from 'react';
import { keep, readKept } from '../../shared/kept';

/** What the cones of a course stand at, on this device, for a day: as the course is set, until somebody moves them. */
export function useStanding(
  dayId: number,
  courseId: number,
  asSet: number,
): { metres: number; move: (metres: number) => void } {
  const key = `wren-lane.stands.${dayId}.${courseId}`;
  const [moved, setMoved] = useState<Record<string, number>>({});
  const stored = moved[key] ?? read(key);
  return {
    metres: stored ?? asSet,
    move: (metres) => {
      keep(key, metres);
      setMoved((before) => ({ ...before, [key]: metres }));
    },
  };
}

function read(key: string): number | undefined {
  const metres = readKept(key);
  return typeof metres === 'number' && metres > 0 ? metres : undefined;
}
