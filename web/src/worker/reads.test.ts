import { expect, it } from 'vitest';
import { readsOnly } from './reads';

it('keeps what pages read, and neither writes nor files nor the stream of news', () => {
  expect(readsOnly('GET', '/api/days/5/riders/1/range')).toBe(true);
  expect(readsOnly('PUT', '/api/runs/1')).toBe(false);
  expect(readsOnly('GET', '/api/news')).toBe(false);
  expect(readsOnly('GET', '/api/copies')).toBe(false);
  expect(readsOnly('GET', '/api/days/5/lesson.pdf')).toBe(false);
  expect(readsOnly('GET', '/today')).toBe(false);
});
