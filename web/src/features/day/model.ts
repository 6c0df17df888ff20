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
  const { date, title, yardId, courseIds, stands, activeSizes, riders } = day;
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
    activeSizes: activeSizes.filter((s) => wanted.includes(s.courseId)),
    ...(yardId === undefined ? {} : { yardId }),
    ...some,
  };
}

/** A day of which nothing is known but when it is. */
export function blankDay(date: string, title: string): DayRequest {
  return { date, title, courseIds: [], stands: [], riders: [] };
}

/** A new day with the yard, the courses at their places and settings, and the riders of another. */
export function likeDay(day: Day, date: string, title: string): DayRequest {
  return changed(day, { date, title });
}

/** The same list with one of it a place earlier or later, as far as it goes. */
export function shifted<T>(list: T[], at: number, by: -1 | 1): T[] {
  const to = at + by;
  const [one, other] = [list[at], list[to]];
  return one === undefined || other === undefined ? list : list.with(at, other).with(to, one);
}
