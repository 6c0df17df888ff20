import { useState } from 'react';

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
  try {
    const metres = Number(localStorage.getItem(key));
    return metres > 0 && Number.isFinite(metres) ? metres : undefined;
  } catch {
    return undefined;
  }
}

/** Without storage it lasts as long as the page. */
function keep(key: string, metres: number) {
  try {
    localStorage.setItem(key, String(metres));
  } catch {
    // Nothing is lost but the next reload's memory of it.
  }
}
