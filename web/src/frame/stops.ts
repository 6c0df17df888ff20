import type { Briefing } from '../features/day';

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
