import { inFigures } from '../units';

/** One thing that two states say differently. */
export interface Difference {
  what: string;
  mine: string;
  theirs: string;
}

/** Longest list said in full. */
const MOST_LISTED = 6;

/** What two states of one thing say differently, in words: only what the one that was sent says at all. */
export function differences(theirs: Record<string, unknown>, mine: Record<string, unknown>): Difference[] {
  return Object.keys(mine).flatMap((key) => compared(words(key), mine[key], theirs[key]));
}

/** `coneCount` as “cone count”, and without the unit a length is stored in. */
function words(key: string): string {
  return key
    .replace(/(Metres|Id)$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();
}

function compared(what: string, mine: unknown, theirs: unknown): Difference[] {
  if (same(mine, theirs)) return [];
  if (isRecord(mine) && isRecord(theirs) && !isLength(mine)) {
    return [...new Set([...Object.keys(mine), ...Object.keys(theirs)])].flatMap((key) =>
      compared(`${what}: ${words(key)}`, mine[key], theirs[key]),
    );
  }
  return [{ what, mine: said(mine), theirs: said(theirs) }];
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function isLength(value: Record<string, unknown>): value is { text: string } {
  return typeof value.text === 'string' && 'uncertaintyMetres' in value;
}

/** The same whatever the order their parts stand in. */
function same(a: unknown, b: unknown): boolean {
  if (isRecord(a) && isRecord(b)) {
    return [...new Set([...Object.keys(a), ...Object.keys(b)])].every((k) => same(a[k], b[k]));
  }
  if (Array.isArray(a) && Array.isArray(b)) {
    return a.length === b.length && a.every((one, i) => same(one, b[i]));
  }
  return a === b || (a == null && b == null);
}

/** What a thing is called, also where it is beside what is counted of it. */
function nameOf(value: unknown): string | undefined {
  if (!isRecord(value)) return undefined;
  return typeof value.name === 'string' ? value.name : nameOf(value.marker);
}

function said(value: unknown): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (Array.isArray(value)) {
    const short = value.length <= MOST_LISTED && value.every((v) => !isRecord(v) || nameOf(v) !== undefined);
    return short && value.length > 0 ? value.map(said).join(', ') : `${value.length} in all`;
  }
  if (isRecord(value)) return isLength(value) ? inFigures(value.text) : (nameOf(value) ?? 'another');
  return String(value);
}
