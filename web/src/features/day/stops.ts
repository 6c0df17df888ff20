import { matchRoutes } from 'react-router';
import { PAGES, wordOf, type PageRoute } from '../../routes';
import type { Briefing } from './api';

export type Stop = Briefing['stops'][number]['stop'];
export type Readiness = Briefing['stops'][number]['readiness'];

/** The stops of the working day, in order; each leads to the first of its pages. */
export const STOPS: { stop: Stop; path: string; name: string }[] = PAGES.flatMap((page, i) =>
  'step' in page && PAGES.findIndex((other) => 'step' in other && other.step === page.step) === i
    ? [{ stop: page.step, path: `/${wordOf(page.path)}`, name: page.title }]
    : [],
);

/** The page at an address; where several are, the one that says most of it. */
function pageAt(path: string): PageRoute | undefined {
  const pages: PageRoute[] = [...PAGES];
  return matchRoutes(pages, path)?.[0]?.route ?? pages.find((page) => wordOf(page.path) === wordOf(path));
}

/** The stop an address belongs to. */
export function stopOf(path: string): Stop | undefined {
  const step = pageAt(path)?.step;
  return STOPS.find((s) => s.stop === step)?.stop;
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
  const page = pageAt(path);
  return page === undefined ? 'Wren Lane' : `${page.title} – Wren Lane`;
}
