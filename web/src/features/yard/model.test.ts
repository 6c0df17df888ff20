import { describe, expect, it } from 'vitest';
import {
  draftOf,
  groundOf,
  lookedAt,
  outlined,
  requestOf,
  sideBySide,
  sideText,
  toEighth,
  whole,
  withoutSide,
  withSide,
} from './model';
import type { Length } from '../length';

const length = (metres: number): Length => ({
  metres,
  uncertaintyMetres: 0.02,
  method: 'TAPE',
  text: `${metres} m`,
});
const full = { ...draftOf(undefined), name: 'Quay', sides: [length(40), length(20), undefined, undefined] };

describe('a yard being described', () => {
  it('is not sent before its name and all its lengths are there', () => {
    expect(requestOf(draftOf(undefined))).toBeUndefined();
    expect(requestOf({ ...full, name: ' ' })).toBeUndefined();
    expect(requestOf({ ...full, sides: [length(40), undefined, undefined, undefined] })).toBeUndefined();
    expect(requestOf({ ...full, shape: 'SIDES' })).toBeUndefined();
    expect(requestOf(full)).toMatchObject({ name: 'Quay', ground: { fallPercent: 0 } });
  });

  it('sends a rectangle as four sides with square corners', () => {
    const outline = groundOf(full)?.outline;
    expect(outline?.sides.map((s) => s.metres)).toEqual([40, 20, 40, 20]);
    expect(outline?.corners).toEqual(['SQUARE', 'SQUARE', 'SQUARE', 'SQUARE']);
  });

  it('keeps what a rectangle was said to be once it is described side by side', () => {
    const asSides = { ...full, ...sideBySide(full) };
    expect(groundOf(asSides)?.outline.sides.map((s) => s.metres)).toEqual([40, 20, 40, 20]);
    expect(sideBySide(withSide(asSides)).sides?.filter((s) => s === undefined)).toHaveLength(1);
  });

  it('keeps what its sides are called by the sides that stay', () => {
    const named = { ...full, ...sideBySide(full), sideNames: ['kerb', '', 'quay', 'north line'] };
    expect(withSide(named).sideNames).toEqual(['kerb', '', 'quay', '', 'north line']);
    expect(withoutSide(withSide(named)).sideNames).toEqual(['kerb', '', 'quay', 'north line']);
    expect(groundOf(named)?.sideNames).toEqual(['kerb', '', 'quay', 'north line']);
    expect(groundOf({ ...named, sideNames: ['', ' '] })).not.toHaveProperty('sideNames');
    expect(sideText(3, 4, 'north line')).toBe('north line DA');
    expect(sideText(3, 4, '')).toBe('side DA');
  });

  it('takes a drawn outline for a rectangle where it is one', () => {
    const drawn = groundOf(full)?.outline;
    if (drawn === undefined) throw new Error('there is an outline');
    expect(outlined(drawn).shape).toBe('RECTANGLE');
    expect(outlined({ ...drawn, corners: ['SQUARE', 'OPEN', 'OPEN', 'SQUARE'] }).shape).toBe('SIDES');
    expect(outlined(drawn).drawing).toEqual([]);
  });

  it('takes the fall with a decimal comma and refuses words', () => {
    expect(groundOf({ ...full, fall: '1,5' })?.fallPercent).toBe(1.5);
    expect(groundOf({ ...full, fall: 'steep' })).toBeUndefined();
    expect(groundOf({ ...full, fall: '' })).toBeUndefined();
  });

  it('sends a calibration only when it is whole and wanted', () => {
    expect(whole({ on: true, count: 4 })).toBeUndefined();
    expect(whole({ on: false, count: 4, taped: length(9) })).toBeUndefined();
    expect(requestOf({ ...full, bay: { on: true, count: 4, taped: length(9.6) } })?.bay?.count).toBe(4);
  });

  it('grows by a side with a corner not known, and shrinks with what hung on it', () => {
    const five = withSide({ ...full, shape: 'SIDES' });
    expect(five.sides).toHaveLength(5);
    expect(five.corners).toEqual(['SQUARE', 'SQUARE', 'SQUARE', 'SQUARE', 'OPEN']);
    const braced = {
      ...five,
      diagonals: [
        { from: 0, to: 2, length: undefined },
        { from: 2, to: 4, length: undefined },
      ],
      entrance: { side: 4, alongMetres: 1 },
    };
    const four = withoutSide(braced);
    expect(four.sides).toHaveLength(4);
    expect(four.diagonals).toEqual([{ from: 0, to: 2, length: undefined }]);
    expect(four.entrance).toBeUndefined();
  });
});

it('finds the nearest eighth of a turn', () => {
  expect(toEighth(-Math.PI / 2)).toBe(6);
  expect(toEighth(6.2)).toBe(0);
  expect(toEighth(0.8)).toBe(1);
});

it('looks closer at the course chosen, else between all of them', () => {
  const square = (x: number) => [
    { x, y: 0 },
    { x: x + 2, y: 0 },
    { x: x + 2, y: 2 },
    { x, y: 2 },
  ];
  const courses = [
    { courseId: 1, area: square(0) },
    { courseId: 2, area: square(10) },
  ];
  expect(lookedAt(courses, 2)).toEqual({ x: 11, y: 1 });
  expect(lookedAt(courses, undefined)).toEqual({ x: 6, y: 1 });
  expect(lookedAt([], undefined)).toBeUndefined();
});
