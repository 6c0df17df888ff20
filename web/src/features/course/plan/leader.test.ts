import { expect, it } from 'vitest';
import { ledFrom } from './leader';

const drawing = { width: 800, height: 400 };
const box = (minX: number, minY: number) => ({ minX, maxX: minX + 60, minY, maxY: minY + 28 });

it('leads to the right and towards the middle', () => {
  expect(ledFrom({ x: 400, y: 100 }, 180, drawing, [])).toEqual({ x: 446, y: 144, anchor: 'start' });
  expect(ledFrom({ x: 400, y: 300 }, 180, drawing, [])).toEqual({ x: 446, y: 260, anchor: 'start' });
});

it('leads to the left where there is no room on the right', () => {
  expect(ledFrom({ x: 700, y: 100 }, 180, drawing, [])).toEqual({ x: 654, y: 144, anchor: 'end' });
});

it('stands centred where there is room on neither side', () => {
  expect(ledFrom({ x: 170, y: 100 }, 180, { width: 340, height: 400 }, [])).toEqual({
    x: 170,
    y: 144,
    anchor: 'middle',
  });
});

it('stands at an edge where the middle is taken', () => {
  const narrow = { width: 340, height: 400 };
  const taken = { minX: 10, maxX: 85, minY: 40, maxY: 160 };
  expect(ledFrom({ x: 100, y: 100 }, 180, narrow, [taken])).toEqual({ x: 236, y: 144, anchor: 'middle' });
});

it('keeps off what is taken: above, then on the other side', () => {
  const below = box(600, 130);
  const above = box(460, 40);
  expect(ledFrom({ x: 400, y: 100 }, 180, drawing, [below])).toEqual({ x: 446, y: 60, anchor: 'start' });
  expect(ledFrom({ x: 400, y: 100 }, 180, drawing, [below, above])).toEqual({
    x: 354,
    y: 144,
    anchor: 'end',
  });
});

it('stands where it would without them where nowhere is free', () => {
  const everywhere = { minX: 0, maxX: 800, minY: 0, maxY: 400 };
  expect(ledFrom({ x: 400, y: 100 }, 180, drawing, [everywhere])).toEqual({
    x: 446,
    y: 144,
    anchor: 'start',
  });
});
