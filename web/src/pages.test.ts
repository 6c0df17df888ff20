import { expect, test } from 'vitest';
import { pageAt, PAGES } from './pages';

test('a path opens the page of its first word, whatever follows', () => {
  expect(pageAt('/set-out')).toBe(PAGES['set-out']);
  expect(pageAt('/range/2')).toBe(PAGES.range);
});

test('nothing opens today', () => {
  expect(pageAt('/')).toBe(PAGES.today);
});

test('what is no page opens none', () => {
  expect(pageAt('/nowhere')).toBeUndefined();
  expect(pageAt('/toString')).toBeUndefined();
});
