import { describe, expect, it } from 'vitest';
import type { Marker } from '../../shared/plan';
import { conesText } from '../../shared/ui';
import { atStackText, inAll } from './moves';

const of = (name: string, count: number, sort: Marker['sort']) => ({
  count,
  marker: { name, sort, baseMetres: 0.2, heightMetres: 0.02, colour: 'ORANGE' as const },
});
const tall = (n: number) => of('tall cone', n, 'TALL');
const discs = (n: number) => of('yellow disc', n, 'FLAT');

describe('cones in words', () => {
  it('are counted by their marker', () => {
    expect(conesText([tall(2), discs(1)])).toBe('2 tall cones, 1 yellow disc');
    expect(conesText([discs(3)])).toBe('3 yellow discs');
    expect(conesText([])).toBe('nothing');
    expect(inAll([tall(2), discs(1)])).toBe(3);
  });

  it('are taken from the stack and put back on it at once', () => {
    expect(atStackText([tall(2)])).toBe('take 2 tall cones from the stack');
    expect(atStackText([tall(-1), discs(4)])).toBe(
      'put 1 tall cone on the stack, take 4 yellow discs from the stack',
    );
  });
});
