import type { Day, DayRequest } from './api';

/** The day to show: the one asked for, else the latest that is not in the future, else the next to come. */
export function chosenDay(days: Day[], asked: string | null, today: string): Day | undefined {
  const found = days.find((d) => String(d.id) === asked);
  return found ?? days.find((d) => d.date <= today) ?? days.at(-1);
}

/** Today as the browser's calendar has it. */
export function todayIso(now: Date): string {
  const two = (n: number) => String(n).padStart(2, '0');
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`;
}

/** A stored day as it would be asked for again, with some of it changed; places on the yard last as long as it does. */
export function changed(day: Day, some: Partial<DayRequest>): DayRequest {
  const { date, title, yardId, courseIds, stands, standsAt, riders } = day;
  const wanted = some.courseIds ?? courseIds;
  const sameYard = !('yardId' in some) || some.yardId === yardId;
  // A place belongs to a yard: on another one it means nothing.
  const kept = sameYard ? stands.filter((s) => wanted.includes(s.courseId)) : [];
  return {
    date,
    title,
    courseIds,
    riders,
    stands: kept,
    standsAt: standsAt.filter((s) => wanted.includes(s.courseId)),
    ...(yardId === undefined ? {} : { yardId }),
    ...some,
  };
}
