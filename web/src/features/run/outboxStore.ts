import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Entry, Outbox } from './outbox';

/**
 * The outbox of this device, one for all its tabs: in the browser's database, where an entry is on the disk before it counts
 * as kept, whatever becomes of page or browser. Places count up, in the order in which things were done.
 */
interface Kept extends DBSchema {
  waiting: { key: number; value: unknown };
  sent: { key: number; value: unknown };
  refused: { key: number; value: unknown };
}

type Refused = Outbox['refused'][number];

/** Where earlier versions kept it: all in one place, then each in a place of its own. */
const ONCE = 'wren-lane.outbox';
const WAITING = 'wren-lane.waiting.';
const REFUSED = 'wren-lane.refused.';

const CHANNEL = 'wren-lane.outbox';

let opened: Promise<IDBPDatabase<Kept>> | undefined;

function kept(): Promise<IDBPDatabase<Kept>> {
  opened ??= openDB<Kept>('wren-lane', 1, {
    upgrade: (db) => {
      db.createObjectStore('waiting', { autoIncrement: true });
      db.createObjectStore('sent', { autoIncrement: true });
      db.createObjectStore('refused', { autoIncrement: true });
    },
    // Another tab brings a newer version: let it.
    blocking: (_before, _wanted, event) => (event.target as IDBDatabase).close(),
    terminated: () => (opened = undefined),
  }).catch((problem: unknown) => {
    opened = undefined;
    throw problem;
  });
  return opened;
}

const SAFE: IDBTransactionOptions = { durability: 'strict' };

function tellOtherTabs() {
  const channel = new BroadcastChannel(CHANNEL);
  channel.postMessage('changed');
  channel.close();
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

function isRefused(value: unknown): value is Refused {
  const refused = value as Partial<Refused> | null;
  return (
    typeof refused === 'object' &&
    refused !== null &&
    isEntry(refused.entry) &&
    typeof refused.message === 'string'
  );
}

/** Keeps something that was done. */
export async function putWaiting(entry: Entry): Promise<void> {
  const change = (await kept()).transaction('waiting', 'readwrite', SAFE);
  await Promise.all([change.store.add(entry), change.done]);
  tellOtherTabs();
}

/** The first that waits, and its place; what is not understood is left alone. */
export async function firstWaiting(): Promise<{ place: number; entry: Entry } | undefined> {
  const { store } = (await kept()).transaction('waiting');
  for (let at = await store.openCursor(); at !== null; at = await at.continue()) {
    if (isEntry(at.value)) return { place: at.key, entry: at.value };
  }
  return undefined;
}

/** Notes that the server has stored one: it waits no more, and is shown until the server is read again. */
export async function markSent(place: number, entry: Entry): Promise<void> {
  await move(place, 'sent', entry);
}

/** Takes one from what waits to another place, all at once or not at all. */
async function move(place: number, to: 'sent' | 'refused', value: unknown): Promise<void> {
  const change = (await kept()).transaction(['waiting', to], 'readwrite', SAFE);
  await Promise.all([
    change.objectStore(to).add(value),
    change.objectStore('waiting').delete(place),
    change.done,
  ]);
  tellOtherTabs();
}

/** Place of the last that was sent; undefined where nothing is shown any more for that alone. */
export async function lastSent(): Promise<number | undefined> {
  const last = await (await kept()).transaction('sent').store.openKeyCursor(null, 'prev');
  return last?.key;
}

/** Lets go of what was sent, as far as a place, once the server was read since. */
export async function letGoOfSent(place: number): Promise<void> {
  await (await kept()).delete('sent', IDBKeyRange.upperBound(place));
  tellOtherTabs();
}

/** Puts aside what the server will never take, so that the rest can go on. */
export async function putAside(place: number, refused: Refused): Promise<void> {
  await move(place, 'refused', refused);
}

/** Forgets what was put aside. */
export async function dismissRefused(): Promise<void> {
  await (await kept()).clear('refused');
  tellOtherTabs();
}

/** All of it. */
export async function readOutbox(): Promise<Outbox> {
  const db = await kept();
  // Of one moment: between two reads an entry may have gone from one place to the other.
  const read = db.transaction(['waiting', 'sent', 'refused']);
  const [waiting, sent, refused] = await Promise.all([
    read.objectStore('waiting').getAll(),
    read.objectStore('sent').getAll(),
    read.objectStore('refused').getAll(),
  ]);
  return {
    waiting: waiting.filter(isEntry),
    sent: sent.filter(isEntry),
    refused: refused.filter(isRefused),
  };
}

function at(place: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(place) ?? 'null');
  } catch {
    return null;
  }
}

/** Takes over what earlier versions kept. Sent twice, a run is stored once: so it is taken away only once it is kept. */
export async function takeOver(): Promise<void> {
  const places = (prefix: string) =>
    Object.keys(localStorage)
      .filter((key) => key.startsWith(prefix))
      .sort();
  const once = at(ONCE) as Partial<Outbox> | null;
  const waiting = [...(Array.isArray(once?.waiting) ? once.waiting : []), ...places(WAITING).map(at)];
  const refused = places(REFUSED).map(at);
  for (const entry of waiting.filter(isEntry)) await putWaiting(entry);
  const db = await kept();
  for (const one of refused.filter(isRefused)) await db.add('refused', one);
  [ONCE, ...places(WAITING), ...places(REFUSED)].forEach((place) => localStorage.removeItem(place));
}

/** Calls back when another tab has changed it. */
export function onOtherTabs(changed: () => void): () => void {
  const channel = new BroadcastChannel(CHANNEL);
  channel.onmessage = changed;
  return () => channel.close();
}
