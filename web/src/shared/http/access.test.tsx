// @vitest-environment jsdom
import { useQuery } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import { expect, it } from 'vitest';
import { inClient } from '../testing/inClient';
import { comeIn, useSignedOut } from './access';
import { body } from './client';
import { KeepingUp } from './KeepingUp';

/** An answer, which is given when it is told to. */
function later() {
  let give: (status: number) => void = () => undefined;
  const sent = new Promise<{ data?: string; response: Response }>((done) => {
    give = (status) =>
      done({ ...(status === 200 && { data: 'here' }), response: new Response(null, { status }) });
  });
  return { sent, give };
}

it('signs out on a refusal, but not on a late one to what was asked before signing in', async () => {
  const client = new KeepingUp({ defaultOptions: { queries: { retry: false } } });
  const answers = [later(), later()];
  let asked = 0;
  const { result } = renderHook(
    () => ({
      out: useSignedOut(),
      list: useQuery({ queryKey: ['list'], queryFn: () => body(answers[asked++]!.sent) }),
    }),
    {
      wrapper: inClient(client),
    },
  );
  const refused = later();
  refused.give(401);
  await act(() => expect(body(refused.sent)).rejects.toMatchObject({ status: 401 }));
  expect(result.current.out).toBe(true);

  await act(async () => {
    const within = comeIn(client);
    answers[0]!.give(401);
    answers[1]!.give(200);
    await within;
  });
  await waitFor(() => expect(result.current.list.data).toBe('here'));
  expect(result.current.out).toBe(false);
});
