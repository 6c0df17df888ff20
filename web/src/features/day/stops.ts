import type { Briefing } from './api';

export type Stop = Briefing['stops'][number]['stop'];
export type Readiness = Briefing['stops'][number]['readiness'];

/** The stops of the working day, in order. */
export const STOPS: { stop: Stop; path: string; name: string; also?: string[] }[] = [
  { stop: 'TODAY', path: '/today', name: 'Today' },
  { stop: 'YARD', path: '/yard', name: 'Yard' },
  { stop: 'MACHINES', path: '/machines', name: 'Machines', also: ['/riders'] },
  { stop: 'COURSE', path: '/course', name: 'Course' },
  { stop: 'SET_OUT', path: '/set-out', name: 'Set-out' },
  { stop: 'LESSON', path: '/lesson', name: 'Lesson' },
  { stop: 'RANGE', path: '/range', name: 'Range' },
  { stop: 'PROGRESS', path: '/progress', name: 'Progress' },
];

/** The stop an address belongs to. */
export function stopOf(path: string): Stop | undefined {
  return STOPS.find((s) => [s.path, ...(s.also ?? [])].some((p) => path === p || path.startsWith(p + '/')))
    ?.stop;
}

/** What a stop is called. */
export function nameOf(stop: Stop): string {
  return STOPS.find((s) => s.stop === stop)?.name ?? '';
}

/** Where a stop is. */
export function pathOf(stop: Stop): string {
  return STOPS.find((s) => s.stop === stop)?.path ?? '/';
}

/** Where the day goes on: for a yard that is there already, to the courses that need a place on it. */
export function wayOn({ next, stops }: Pick<Briefing, 'next' | 'stops'>): string {
  const there = stops.find((s) => s.stop === next)?.readiness !== 'EMPTY';
  return next === 'YARD' && there ? '/yard?view=courses' : pathOf(next);
}

/** Somewhere to go, by name. */
export interface Way {
  path: string;
  name: string;
}

const NO_DAY: Way = { path: '/today', name: 'Start a day' };

/**
 * Where a day goes on from a stop, as the core says it; without a day, to start one.
 *
 * @param own where to go while the day still needs something of this very stop
 */
export function wayFrom(
  briefing: Pick<Briefing, 'next' | 'stops'> | undefined,
  here: Stop,
  own: Way | undefined,
): Way | undefined {
  if (briefing === undefined) return NO_DAY;
  return briefing.next === here ? own : { path: wayOn(briefing), name: nameOf(briefing.next) };
}

/** What the browser calls the page at an address. */
export function titleOf(path: string): string {
  if (path === '/phone') return 'Phones – Wren Lane';
  const stop = stopOf(path);
  if (stop === undefined) return 'Wren Lane';
  return `${path.startsWith('/riders') ? 'Riders' : nameOf(stop)} – Wren Lane`;
}
