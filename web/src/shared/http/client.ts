import createClient, { createQuerySerializer } from 'openapi-fetch';
import type { components, paths } from './schema';
import { countEntries, noteAccess } from './access';
import { CREATION_KEY, creates, creationAnswered, creationKey } from './creations';
import { note, noteGone } from './reach';
import { readsFeet } from '../units';
import { Problem, readProblem } from './problem';

/** A type the server describes, by its name there. */
export type Api<Name extends keyof components['schemas']> = components['schemas'][Name];

const write = createQuerySerializer();

/** The server, with types made from its own description. Its sentences say their lengths as whoever reads them does. */
export const http = createClient<paths>({
  baseUrl: globalThis.location?.origin ?? 'http://localhost',
  querySerializer: (query) => write({ ...(readsFeet() && { system: 'IMPERIAL' }), ...query }),
});

// What is created is created once, also where the answer was lost and the request is sent again.
http.use({
  onRequest: async ({ request, schemaPath }) => {
    if (creates(request.method, schemaPath)) {
      request.headers.set(CREATION_KEY, creationKey(schemaPath, await request.clone().text()));
    }
    return request;
  },
  onResponse: ({ request, response }) => {
    const key = request.headers.get(CREATION_KEY);
    if (key !== null && response.status < 500) creationAnswered(key);
  },
});

const OUT_OF_REACH = 'The server is out of reach. Check that Wren Lane is still running.';

/** What comes back of a request. */
export interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/**
 * The body of an answer, or a Problem thrown. A server out of reach is a Problem too.
 *
 * @param question where the same is asked at several addresses: what the server said at one is not undone by what was kept
 *   of another
 */
export async function body<T>(sent: Promise<Answer<T>>, question?: string): Promise<T> {
  const askedAfter = countEntries();
  let answer: Answer<T>;
  let news: boolean;
  try {
    answer = await sent;
    news = note(answer.response, question);
    noteAccess(answer.response.status, askedAfter);
  } catch (e) {
    if (e instanceof DOMException && e.name === 'AbortError') throw e;
    noteGone();
    throw new Problem(0, OUT_OF_REACH, []);
  }
  if (!news) throw new Problem(0, OUT_OF_REACH, []);
  if (!answer.response.ok) {
    throw readProblem(answer.response.status, answer.error);
  }
  return answer.data as T;
}
