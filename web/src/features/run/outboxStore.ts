import type { Entry, Outbox } from './outbox';

/**
 * The outbox of this device, one for all its tabs. Every entry has a place of its own in the browser's storage, so that
 * no tab ever writes over what another has just put there; places sort in the order in which things were done.
 */
const WAITING = 'wren-lane.waiting.';
const REFUSED = 'wren-lane.refused.';

/** Where earlier versions kept all of it in one place. */
const ONCE = 'wren-lane.outbox';

const DIGITS = 15;

type Refused = Outbox['refused'][number];

function places(prefix: string): string[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix))
    .sort();
}

function isEntry(value: unknown): value is Entry {
  const entry = value as Partial<Entry> | null;
  return (
    typeof entry === 'object' &&
    entry !== null &&
    typeof entry.id === 'string' &&
    (entry.kind === 'undo' || (entry.kind === 'log' && typeof entry.run === 'object'))
  );
}

/** What is kept at a place; what is not understood is left alone. */
function at(place: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(place) ?? 'null');
  } catch {
    return null;
  }
}

function placeAfterAll(): string {
  const last = Number(
    places(WAITING)
      .at(-1)
      ?.slice(WAITING.length, WAITING.length + DIGITS) ?? 0,
  );
  // Never before what is there, whatever becomes of the device's clock; the rest keeps two tabs apart.
  const stamp = String(Math.max(Date.now(), last + 1)).padStart(DIGITS, '0');
  return `${WAITING}${stamp}.${crypto.getRandomValues(new Uint32Array(1))[0]}`;
}

/** Keeps something that was done. */
export function putWaiting(entry: Entry): void {
  localStorage.setItem(placeAfterAll(), JSON.stringify(entry));
}

/** The first that waits, and its place. */
export function firstWaiting(): { place: string; entry: Entry } | undefined {
  for (const place of places(WAITING)) {
    const entry = at(place);
    if (isEntry(entry)) return { place, entry };
  }
  return undefined;
}

/** Lets go of what the server has stored. */
export function letGo(place: string): void {
  localStorage.removeItem(place);
}

/** Puts aside what the server will never take, so that the rest can go on. */
export function putAside(place: string, refused: Refused): void {
  localStorage.setItem(REFUSED + place.slice(WAITING.length), JSON.stringify(refused));
  localStorage.removeItem(place);
}

/** Forgets what was put aside. */
export function dismissRefused(): void {
  places(REFUSED).forEach((place) => localStorage.removeItem(place));
}

/** All of it. */
export function readOutbox(): Outbox {
  return {
    waiting: places(WAITING).map(at).filter(isEntry),
    refused: places(REFUSED)
      .map((place) => at(place) as Refused | null)
      .filter((r): r is Refused => r !== null && isEntry(r.entry) && typeof r.message === 'string'),
  };
}

/** Takes over what an earlier version kept. */
export function takeOver(): void {
  const before = at(ONCE) as Partial<Outbox> | null;
  if (Array.isArray(before?.waiting)) before.waiting.filter(isEntry).forEach(putWaiting);
  localStorage.removeItem(ONCE);
}

/** Calls back when another tab has changed it. */
export function onOtherTabs(changed: () => void): () => void {
  const heard = (e: StorageEvent) => {
    if (e.key === null || e.key.startsWith(WAITING) || e.key.startsWith(REFUSED)) changed();
  };
  window.addEventListener('storage', heard);
  return () => window.removeEventListener('storage', heard);
}
