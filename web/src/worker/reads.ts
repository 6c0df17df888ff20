/** Beside an answer that was kept from before, since the server is out of reach: the time it was given. */
export const KEPT_SINCE = 'x-kept-since';

/**
 * The cache of answers that pages have read. The number goes up when answers change their shape: pages of this version cannot
 * show answers of the one before.
 */
export const READ_CACHE = 'read-2';

/** Caches of earlier versions. */
export const OLD_CACHES = ['read'];

/** What is read whole and never kept: streams, copies of the data, and what is opened as a file. */
const NEVER = /^\/api\/(news|copies)\b|\.\w+$/;

/** Whether a request only reads what pages show, so that its answer may be kept. */
export function readsOnly(method: string, path: string): boolean {
  return method === 'GET' && path.startsWith('/api/') && !NEVER.test(path);
}

/** Calculations that store nothing and that somebody in the yard needs out of reach: where cones go, and how they move. */
const CALCULATED = new Set([
  '/api/calculations/setup-sheets',
  '/api/calculations/riding-marks',
  '/api/calculations/changeovers',
  '/api/calculations/day-orders',
  '/api/calculations/square-checks',
]);

/** Whether a request asks for a calculation whose answer may be kept: the same question has the same answer. */
export function calculates(method: string, path: string): boolean {
  return method === 'POST' && CALCULATED.has(path);
}

/** The address under which the answer to a question is kept. */
export async function keptAt(url: string, question: string): Promise<string> {
  const sum = await crypto.subtle.digest('SHA-256', new TextEncoder().encode(question));
  const hex = Array.from(new Uint8Array(sum), (b) => b.toString(16).padStart(2, '0')).join('');
  const kept = new URL(url);
  kept.searchParams.set('question', hex);
  return kept.href;
}

/** What a page says to a newer worker that waits, when somebody wants it. */
export const OPEN_NEWER = 'open the newer version';
