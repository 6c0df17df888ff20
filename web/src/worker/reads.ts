/** Beside an answer that was kept from before, since the server is out of reach: the time it was given. */
export const KEPT_SINCE = 'x-kept-since';

/** What is read whole and never kept: streams, copies of the data, and what is opened as a file. */
const NEVER = /^\/api\/(news|copies)\b|\.(pdf|csv|svg|dxf|json)$/;

/** Whether a request only reads what pages show, so that its answer may be kept. */
export function readsOnly(method: string, path: string): boolean {
  return method === 'GET' && path.startsWith('/api/') && !NEVER.test(path);
}
