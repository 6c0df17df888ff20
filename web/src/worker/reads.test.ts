import { expect, it } from 'vitest';
import { calculates, keptAt, readsOnly } from './reads';

it('keeps what pages read, and neither writes nor files nor the stream of news', () => {
  expect(readsOnly('GET', '/api/days/5/riders/1/range')).toBe(true);
  expect(readsOnly('PUT', '/api/runs/1')).toBe(false);
  expect(readsOnly('GET', '/api/news')).toBe(false);
  expect(readsOnly('GET', '/api/copies')).toBe(false);
  expect(readsOnly('GET', '/api/days/5/lesson.pdf')).toBe(false);
  expect(readsOnly('GET', '/today')).toBe(false);
});

it('keeps the calculations a yard needs, each under its own question', async () => {
  expect(calculates('POST', '/api/calculations/setup-sheets')).toBe(true);
  expect(calculates('POST', '/api/runs')).toBe(false);
  expect(calculates('GET', '/api/calculations/setup-sheets')).toBe(false);
  const at = await keptAt('http://yard/api/calculations/setup-sheets', '{"system":"METRIC"}');
  expect(at).toMatch(/^http:\/\/yard\/api\/calculations\/setup-sheets\?question=[0-9a-f]{64}$/);
  expect(await keptAt('http://yard/api/calculations/setup-sheets', '{"system":"METRIC"}')).toBe(at);
  expect(await keptAt('http://yard/api/calculations/setup-sheets', '{"system":"IMPERIAL"}')).not.toBe(at);
});
