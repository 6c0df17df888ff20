/** The header that says which creation a request is. */
export const CREATION_KEY = 'Idempotency-Key';

/** Addresses that a POST creates something at, once for each key. */
const CREATING = new Set([
  '/api/yards',
  '/api/machines',
  '/api/riders',
  '/api/courses',
  '/api/days',
  '/api/copies',
]);

const KEPT = 'wren-lane.creations';

/** Keys of requests that have had no answer yet, by what they say: sent again after a reload, they have the same. */
function waiting(): Record<string, string> {
  try {
    return JSON.parse(sessionStorage.getItem(KEPT) ?? '{}') as Record<string, string>;
  } catch {
    return {};
  }
}

function keep(keys: Record<string, string>) {
  try {
    sessionStorage.setItem(KEPT, JSON.stringify(keys));
  } catch {
    // Without a place for it a request sent again may create twice, as it did before.
  }
}

/** Whether a request creates something that it might create twice. */
export function creates(method: string, path: string): boolean {
  return method === 'POST' && CREATING.has(path);
}

/** The key of a request: that of the same one before, as long as it was not answered. */
export function creationKey(path: string, text: string): string {
  const said = `${path} ${text}`;
  const keys = waiting();
  const key = keys[said] ?? randomKey();
  keep({ ...keys, [said]: key });
  return key;
}

/** Forgets the key of a request that was answered: what is created next is another thing. */
export function creationAnswered(key: string) {
  keep(Object.fromEntries(Object.entries(waiting()).filter(([, k]) => k !== key)));
}

/** Also where the page is not served safely, as on a phone that reads the address of a laptop. */
function randomKey(): string {
  return [...crypto.getRandomValues(new Uint8Array(16))].map((b) => b.toString(16).padStart(2, '0')).join('');
}
