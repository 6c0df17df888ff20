import { describe, expect, it } from 'vitest';
import { sorted } from './mistakes';

describe('what mistakes cost', () => {
  it('is told apart from what costs nothing and what was not solved', () => {
    const late = {
      mistake: 'TURNED_IN_LATE',
      lostMetres: 1.6,
      clearanceMetres: -0.7,
      orMore: false,
    } as const;
    const upright = { mistake: 'UPRIGHT', lostMetres: 0.02, clearanceMetres: 0.8, orMore: false } as const;
    const slower = { mistake: 'SLOWER', lostMetres: 0.019, clearanceMetres: 0.8, orMore: false } as const;
    const faster = { mistake: 'FASTER', orMore: false } as const;
    expect(sorted([late, upright, slower, faster])).toEqual({
      dear: [late, upright],
      free: [slower],
      open: [faster],
    });
  });
});
