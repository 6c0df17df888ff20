import { afterEach, expect, it, vi } from 'vitest';
import { askBy, changing, type Choice } from './changing';
import { kept } from './useKeeping';

const changed = {
  detail: 'This was changed elsewhere.',
  current: { id: 7, version: 5, name: 'Theirs' },
  wanted: { name: 'Mine' },
};

/** A server that has version 5. */
function server() {
  return vi.fn((header: { 'If-Match': string }) =>
    Promise.resolve(
      header['If-Match'] === '"5"'
        ? { data: 'stored', response: new Response(null, { status: 200 }) }
        : { error: changed, response: new Response(null, { status: 412 }) },
    ),
  );
}

let stop: () => void = () => undefined;
afterEach(() => stop());

function choosing(choice: Choice) {
  const ask = vi.fn(() => Promise.resolve(choice));
  stop = askBy(ask);
  return ask;
}

it('sends the version that was read, and asks nobody where it still stands', async () => {
  const ask = choosing('mine');
  expect(await changing({ version: 5 }, server())).toBe('stored');
  expect(ask).not.toHaveBeenCalled();
});

it('shows both states, and sends one’s own again over the other if that is chosen', async () => {
  const ask = choosing('mine');
  const send = server();
  expect(await changing({ version: 4 }, send)).toBe('stored');
  expect(ask).toHaveBeenCalledWith({ current: changed.current, wanted: changed.wanted });
  expect(send.mock.calls.map(([h]) => h['If-Match'])).toEqual(['"4"', '"5"']);
});

it('stores nothing where the other state is kept, or where nobody chooses', async () => {
  for (const choice of ['theirs', undefined] as const) {
    choosing(choice);
    const send = server();
    await expect(changing({ version: 4 }, send)).rejects.toThrow(/changed elsewhere/);
    expect(send).toHaveBeenCalledTimes(1);
  }
});

it('puts a stored thing in its place in a list, or at its end', () => {
  const all = [
    { id: 1, version: 1 },
    { id: 2, version: 3 },
  ];
  expect(kept(all, { id: 2, version: 4 })).toEqual([
    { id: 1, version: 1 },
    { id: 2, version: 4 },
  ]);
  expect(kept(all, { id: 9, version: 1 })).toHaveLength(3);
  expect(kept(undefined, { id: 9, version: 1 })).toBeUndefined();
});
