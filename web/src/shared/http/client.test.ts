// @vitest-environment jsdom
import { afterEach, expect, it, vi } from 'vitest';
import { body, http } from './client';

afterEach(() => localStorage.clear());

/** What the last request asked for lengths in. */
async function asked(): Promise<string | null> {
  const sent = vi.fn<(request: Request) => Promise<Response>>(() =>
    Promise.resolve(new Response('[]', { headers: { 'Content-Type': 'application/json' } })),
  );
  await body(http.GET('/api/courses', { fetch: sent }));
  return new URL(sent.mock.calls[0]?.[0].url ?? '').searchParams.get('system');
}

it('asks for sentences in feet where they are read in feet, also just after that was chosen', async () => {
  expect(await asked()).toBeNull();
  localStorage.setItem('wren-lane.preferences', '{"system":"IMPERIAL"}');
  expect(await asked()).toBe('IMPERIAL');
});
