import { describe, expect, it } from 'vitest';
import type { Rider } from './api';
import { found, keptText } from './model';

const rider = (name: string, archived = false): Rider => ({
  id: name.length,
  version: 1,
  name,
  level: 'NOVICE',
  school: 'CLUTCH_FIRST',
  notes: '',
  archived,
});

describe('keptText', () => {
  it('names only what there is', () => {
    expect(keptText({ runs: 1, days: 2, debriefs: 0, drills: 0, goals: 1, opinions: 2, practice: 0 })).toBe(
      'the description, 1 run, 2 days, 1 goal, 2 opinions',
    );
    expect(keptText({ runs: 0, days: 0, debriefs: 0, drills: 0, goals: 0, opinions: 0, practice: 0 })).toBe(
      'only the description',
    );
  });
});

describe('found', () => {
  it('looks anywhere in the name, whatever the case', () => {
    expect(found([rider('Ada Testwick'), rider('Bo Merrow')], 'MERR').map((r) => r.name)).toEqual([
      'Bo Merrow',
    ]);
  });
  it('puts those away last and keeps the order otherwise', () => {
    const all = [rider('A', true), rider('Bb'), rider('Ccc')];
    expect(found(all, '').map((r) => r.name)).toEqual(['Bb', 'Ccc', 'A']);
  });
});
