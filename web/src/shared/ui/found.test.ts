import { describe, expect, it } from 'vitest';
import { found } from './found';

const all = ['A', 'Bb', 'Ccc'].map((name, i) => ({ id: [2, 1, 3][i] ?? 0, name, away: name === 'A' }));
const names = (of: { name: string }[]) => of.map((one) => one.name);

describe('what is found by its name', () => {
  it('says something of what was typed, in capitals or not', () => {
    expect(names(found(all, ' CC ', 'name'))).toEqual(['Ccc']);
  });

  it('comes by name, or the newest first', () => {
    expect(names(found(all, '', 'name'))).toEqual(['A', 'Bb', 'Ccc']);
    expect(names(found(all, '', 'newest'))).toEqual(['Ccc', 'A', 'Bb']);
  });

  it('comes last where it is put last, whatever the order', () => {
    expect(names(found(all, '', 'name', (one) => one.away))).toEqual(['Bb', 'Ccc', 'A']);
    expect(names(found(all, '', 'newest', (one) => one.away))).toEqual(['Ccc', 'Bb', 'A']);
  });
});
