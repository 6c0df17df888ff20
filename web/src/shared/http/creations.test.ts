// @vitest-environment jsdom
import { afterEach, describe, expect, it, vi } from 'vitest';
import { http } from './client';

const RIDER = { name: 'Ada Testwick', level: 'NOVICE', school: 'DRAG', notes: '' } as never;

/** Keys that are sent, with what the network does to each request. */
async function send(...answers: (number | 'lost')[]): Promise<(string | null)[]> {
  const keys: (string | null)[] = [];
  for (const answer of answers) {
    const fetch = (request: Request) => {
      keys.push(request.headers.get('Idempotency-Key'));
      return answer === 'lost'
        ? Promise.reject(new TypeError('lost'))
        : Promise.resolve(
            new Response('{}', { status: answer, headers: { 'Content-Type': 'application/json' } }),
          );
    };
    await http.POST('/api/riders', { body: RIDER, fetch }).catch(() => undefined);
  }
  return keys;
}

afterEach(() => {
  sessionStorage.clear();
  vi.restoreAllMocks();
});

describe('creating something', () => {
  it('is sent again with its key until it is answered', async () => {
    const [first, second, third] = await send('lost', 503, 201);
    expect(first).toMatch(/^[0-9a-f]{32}$/);
    expect(second).toBe(first);
    expect(third).toBe(first);
  });

  it('has another key for the next of the same name', async () => {
    const [first, second] = await send(201, 201);
    expect(second).not.toBe(first);
  });

  it('has another key once it was refused', async () => {
    const [first, second] = await send(422, 201);
    expect(second).not.toBe(first);
  });

  it('leaves other requests alone', async () => {
    let key: string | null = '';
    const fetch = (request: Request) => {
      key = request.headers.get('Idempotency-Key');
      return Promise.resolve(new Response('{}', { headers: { 'Content-Type': 'application/json' } }));
    };
    await http.POST('/api/calculations/length-readings', { body: {} as never, fetch });
    expect(key).toBeNull();
  });
});
