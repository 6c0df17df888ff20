// @vitest-environment jsdom
import { act, renderHook } from '@testing-library/react';
import { expect, it } from 'vitest';
import { KEPT_SINCE } from '../../worker';
import { countKept, note, noteGone, useReach } from './reach';

function answer(url: string, kept: boolean): Response {
  const response = new Response(
    '{}',
    kept ? { headers: { [KEPT_SINCE]: 'Thu, 14 May 2026 09:00:00 GMT' } } : {},
  );
  Object.defineProperty(response, 'url', { value: url });
  return response;
}

it('takes what was kept only where the server itself has not answered since the page was opened', () => {
  const before = countKept();
  expect(note(answer('/api/days/5/runs', true))).toBe(true);
  expect(note(answer('/api/days/5/runs', false))).toBe(true);
  expect(note(answer('/api/days/5/runs', true))).toBe(false);
  expect(note(answer('/api/days/5/running', true))).toBe(true);
  expect(countKept()).toBe(before + 3);
});

it('takes nothing kept where the server itself has answered the same at another address', () => {
  const asked = (setting: number, kept: boolean) =>
    note(answer(`/api/days/5/riders/2/range?settingMetres=${setting}`, kept), 'range of 2');
  expect(asked(8.7, false)).toBe(true);
  expect(asked(7.7, true)).toBe(false);
  expect(note(answer('/api/days/5/riders/3/range?settingMetres=7.7', true), 'range of 3')).toBe(true);
});

it('is out of reach where nobody answers or only what was kept does, until the server does', () => {
  const { result } = renderHook(() => useReach());
  act(() => void note(answer('/api/days', false)));
  expect(result.current).toEqual({ gone: false });
  act(noteGone);
  expect(result.current).toEqual({ gone: true });
  act(() => void note(answer('/api/days/5', true)));
  expect(result.current).toEqual({ gone: true, since: 'Thu, 14 May 2026 09:00:00 GMT' });
  act(noteGone);
  expect(result.current.since).toBeDefined();
  act(() => void note(answer('/api/days', false)));
  expect(result.current).toEqual({ gone: false });
});
