import { expect, it } from 'vitest';
import { KEPT_SINCE } from '../../worker';
import { countKept, note } from './reach';

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
