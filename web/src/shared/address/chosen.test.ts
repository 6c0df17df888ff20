import { describe, expect, it } from 'vitest';
import { chosen } from './chosen';

const all = [{ id: 3 }, { id: 5 }];

describe('what an address names', () => {
  it('is the one it names, or the first where it names none', () => {
    expect(chosen(all, '5')).toEqual({ one: { id: 5 }, missing: false });
    expect(chosen(all, undefined)).toEqual({ one: { id: 3 }, missing: false });
    expect(chosen(all, undefined, all[1])).toEqual({ one: { id: 5 }, missing: false });
  });

  it('is nothing where it is new, or there is none', () => {
    expect(chosen(all, 'new')).toEqual({ one: undefined, missing: false });
    expect(chosen([], undefined)).toEqual({ one: undefined, missing: false });
  });

  it('is missing, and nobody else, where it is not there', () => {
    expect(chosen(all, '4')).toEqual({ one: undefined, missing: true });
    expect(chosen([], '4')).toEqual({ one: undefined, missing: true });
  });
});
