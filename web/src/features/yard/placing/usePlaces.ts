import { useState } from 'react';
import type { Course } from '../../course';
import { useLatest } from '../../../shared/http';
import { groundPlan, type GroundPlanRequest, type Stand } from '../api';
import type { Day } from '../../day';
import { saidAt } from '../../sizes';

export type Places = Partial<Record<number, Stand>>;

/** Where a course is put down that stands nowhere yet. */
const NOWHERE: Stand = { xMetres: 8, yMetres: 4, turnRadians: 0 };

/** Where the day's courses stand while that is being changed, with the core's judgement of it. */
export function usePlaces(yardId: number, day: Day, courses: Course[], novices: boolean) {
  const stored: Places = Object.fromEntries(day.stands.map((s) => [s.courseId, s.stand]));
  const [places, setPlaces] = useState<Places>(stored);
  const requestFor = (of: Places): GroundPlanRequest => ({
    yardId,
    courses: courses.map((c) => {
      const stand = of[c.id];
      return { courseId: c.id, ...(stand && { stand }), activeSizes: saidAt(day, c.id) };
    }),
    novices,
  });
  const request = requestFor(places);
  const { answered, problem } = useLatest(request, JSON.stringify(request), groundPlan);
  return {
    places,
    setPlaces,
    move: (courseId: number, some: Partial<Stand>) =>
      setPlaces((before) => ({ ...before, [courseId]: { ...NOWHERE, ...before[courseId], ...some } })),
    takeUp: (courseId: number) =>
      setPlaces((before) => {
        const { [courseId]: _before, ...others } = before;
        return others;
      }),
    requestFor,
    plan: answered?.answer,
    problem,
    changed: JSON.stringify(places) !== JSON.stringify(stored),
  };
}
