import { describe, expect, it } from 'vitest';
import { atStackText, conesText } from './moves';

describe('cones in words', () => {
  it('are counted by their sort', () => {
    expect(conesText({ tall: 2, flat: 1 })).toBe('2 tall cones, 1 flat marker');
    expect(conesText({ tall: 0, flat: 3 })).toBe('3 flat markers');
    expect(conesText({ tall: 0, flat: 0 })).toBe('nothing');
  });

  it('are taken from the stack and put back on it at once', () => {
    expect(atStackText({ tall: 2, flat: 0 })).toBe('take 2 tall cones from the stack');
    expect(atStackText({ tall: -1, flat: 4 })).toBe(
      'put 1 tall cone on the stack, take 4 flat markers from the stack',
    );
  });
});
