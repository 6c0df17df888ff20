import { expect, it } from 'vitest';
import { contentText, reasonOf, sizeText, writtenText } from './model';

const copy = {
  name: 'night-2026-05-14.db',
  bytes: 135168,
  writtenAt: '2026-05-14T18:05:00Z',
  content: { riders: 1, days: 2, runs: 0 },
};

it('says why a copy was kept and what is in it', () => {
  expect(reasonOf(copy.name)).toBe('of the night');
  expect(reasonOf('before-version-4-2026-05-14-180000.db')).toBe('before a newer version changed it');
  expect(reasonOf('mine.db')).toBe('copy');
  expect(contentText(copy)).toBe('2 days, 1 rider, 0 runs');
});

it('says size and time as people do', () => {
  expect(sizeText(135168)).toBe('136 kB');
  expect(sizeText(2_340_000)).toBe('2.3 MB');
  expect(writtenText(copy)).toMatch(/^1[45] May 2026, \d\d:05$/);
});
