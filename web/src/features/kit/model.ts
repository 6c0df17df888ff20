import type { Marker } from '../../shared/plan';
import { counted } from '../../shared/ui';
import type { Kit, KitRequest, Lying, OwnMarker } from './api';

type Sort = Marker['sort'];

const FLAT = 'flat marker';

/** The usual marker of each sort, in a word. */
export const USUAL: { sort: Sort; name: string }[] = [
  { sort: 'TALL', name: 'tall cone' },
  { sort: 'FLAT', name: FLAT },
];

/** What lies at each of the settings that a course stands at, in a word; nothing where all lie in the same. */
export function lying(course: { markers: Marker[]; within: Marker[] }, settings: number): string[] {
  const widest = course.markers.find((m) => m.sort === 'FLAT')?.name ?? FLAT;
  const names = [widest, ...course.within.map((m) => m.name)].slice(0, settings);
  return names.length > 1 ? [...names, ...Array<string>(settings - names.length).fill(widest)] : [];
}

/** The flat markers that settings within the widest may lie in: all but what lies at the widest itself. */
export function candidates(own: Marker[], usual: Marker, markers: Marker[]): Marker[] {
  const widest = markers.find((m) => m.sort === 'FLAT') ?? usual;
  return [usual, ...own.filter((m) => m.sort === 'FLAT')].filter((m) => m.name !== widest.name);
}

/**
 * What lies at the settings within once one of them is said, the second widest first. No two lie in the same: where one
 * would, or was never said, it takes the first that is free.
 */
export function lyingIn(within: Marker[], place: number, said: Marker | undefined, free: Marker[]): Marker[] {
  if (said === undefined) return within.slice(0, place);
  const next: Marker[] = [];
  for (let i = 0; i < Math.max(within.length, place + 1); i++) {
    const wanted = i === place ? said : within[i];
    const open = free.filter((m) => m.name !== said.name && next.every((n) => n.name !== m.name));
    const one = i === place || (wanted && wanted.name !== said.name) ? wanted : open[0];
    if (one) next.push(one);
  }
  return next;
}

/** Whether the settings lie in what they would best lie in. */
export function liesAsBest(lying: Lying[], best: Lying[]): boolean {
  return best.every((b) => lying.some((l) => l.letter === b.letter && l.marker.name === b.marker.name));
}

/** How many markers a setting takes and how many there are for it, in words. */
export function enoughText({ needed, left, missing }: Lying): string {
  if (left === undefined) return `takes ${needed}, never counted`;
  return missing > 0 ? `takes ${needed}, ${missing} too few` : `takes ${needed} of ${left}`;
}

export const SORTS: { value: Sort; label: string }[] = [
  { value: 'FLAT', label: 'ridden over' },
  { value: 'TALL', label: 'kept off' },
];

export const COLOURS: { value: Marker['colour']; label: string }[] = [
  { value: 'ORANGE', label: 'orange' },
  { value: 'YELLOW', label: 'yellow' },
  { value: 'WHITE', label: 'white' },
  { value: 'RED', label: 'red' },
  { value: 'BLUE', label: 'blue' },
  { value: 'GREEN', label: 'green' },
];

/** A marker as it is being described; how many there are stands as typed. */
export interface DraftMarker {
  id?: number;
  marker: Marker;
  owned: string;
}

/** The kit as it is being counted. */
export interface DraftKit {
  usual: Record<Sort, string>;
  own: DraftMarker[];
}

const FRESH: Marker = { name: '', sort: 'FLAT', baseMetres: 0.2, heightMetres: 0.05, colour: 'YELLOW' };

export const fresh = (): DraftMarker => ({ marker: FRESH, owned: '' });

const typed = (n: number | undefined) => (n === undefined ? '' : String(n));

export function draftOf(kit: Kit): DraftKit {
  return {
    usual: { TALL: typed(kit.conesOwned.TALL), FLAT: typed(kit.conesOwned.FLAT) },
    own: kit.markers.map(({ id, marker, owned }) => ({
      ...(id !== undefined && { id }),
      marker,
      owned: typed(owned),
    })),
  };
}

/** What is counted, in words, such as "14 tall cones"; nothing of what never was. */
export function ownedText(kit: Kit): string[] {
  return [
    ...USUAL.map(({ sort, name }) => ({ n: kit.conesOwned[sort], name })),
    ...kit.markers.map(({ marker, owned }) => ({ n: owned, name: marker.name })),
  ].flatMap(({ n, name }) => (n === undefined ? [] : [counted(n, name)]));
}

const COUNT = /^\d{0,4}$/;

/** What is wrong with how the kit is counted, in a sentence; what is wrong with a marker itself, the server says. */
export function wrongWith(draft: DraftKit): string | undefined {
  const counts = [draft.usual.TALL, draft.usual.FLAT, ...draft.own.map((m) => m.owned)];
  if (counts.some((text) => !COUNT.test(text.trim())))
    return 'A number of cones is a whole number, such as 24.';
  if (draft.own.some((m) => m.marker.name.trim() === ''))
    return 'Every marker needs a name, such as half ball.';
  return undefined;
}

const number = (text: string): number | undefined => (text.trim() === '' ? undefined : Number(text));

/** The kit as it is asked for. */
export function kitOf(draft: DraftKit): KitRequest {
  const tall = number(draft.usual.TALL);
  const flat = number(draft.usual.FLAT);
  return {
    conesOwned: { ...(tall !== undefined && { TALL: tall }), ...(flat !== undefined && { FLAT: flat }) },
    markers: draft.own.map(({ id, marker, owned }): OwnMarker => {
      const n = number(owned);
      return { ...(id !== undefined && { id }), marker, ...(n !== undefined && { owned: n }) };
    }),
  };
}
