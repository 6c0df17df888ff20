import { describe, expect, it } from 'vitest';
import {
  candidates,
  draftOf,
  enoughText,
  fresh,
  kitOf,
  liesAsBest,
  lying,
  lyingIn,
  ownedText,
  wrongWith,
} from './model';

const disc = {
  name: 'yellow disc',
  sort: 'FLAT' as const,
  baseMetres: 0.19,
  heightMetres: 0.05,
  colour: 'YELLOW' as const,
};
const usualFlat = { ...disc, name: 'flat marker' };
const ball = { ...disc, name: 'half ball' };
const kit = { usualFlat, version: 3, conesOwned: { TALL: 14 }, markers: [{ id: 2, marker: disc, owned: 1 }] };

describe('the kit', () => {
  it('is said in words, and what was never counted is left out', () => {
    expect(ownedText(kit)).toEqual(['14 tall cones', '1 yellow disc']);
    expect(ownedText({ usualFlat, version: 1, conesOwned: {}, markers: [{ id: 2, marker: disc }] })).toEqual(
      [],
    );
  });

  it('is asked for as it is drafted', () => {
    const draft = draftOf(kit);
    expect(kitOf(draft)).toEqual({ conesOwned: { TALL: 14 }, markers: kit.markers });
    const more = {
      usual: { TALL: '', FLAT: ' 40 ' },
      own: [...draft.own, { ...fresh(), marker: { ...disc, name: 'half ball' } }],
    };
    expect(kitOf(more).conesOwned).toEqual({ FLAT: 40 });
    expect(kitOf(more).markers?.[1]).toEqual({ marker: { ...disc, name: 'half ball' } });
  });

  it('says what is wrong before it is sent', () => {
    const draft = draftOf(kit);
    expect(wrongWith(draft)).toBeUndefined();
    expect(wrongWith({ ...draft, usual: { TALL: 'many', FLAT: '' } })).toContain('whole number');
    expect(wrongWith({ ...draft, own: [fresh()] })).toContain('needs a name');
  });
});

describe('what lies at the settings within', () => {
  const post = { ...disc, name: 'post', sort: 'TALL' as const };
  const free = [disc, ball];

  it('is any flat marker but that of the widest', () => {
    expect(candidates([disc, ball, post], usualFlat, [])).toEqual([disc, ball]);
    expect(candidates([disc, ball], usualFlat, [post, disc])).toEqual([usualFlat, ball]);
  });

  it('is never the same twice', () => {
    expect(lyingIn([], 0, disc, free)).toEqual([disc]);
    expect(lyingIn([], 1, disc, free)).toEqual([ball, disc]);
    expect(lyingIn([disc, ball], 1, disc, free)).toEqual([ball, disc]);
    expect(lyingIn([disc, ball], 0, ball, free)).toEqual([ball, disc]);
  });

  it('is the same as at the widest from where that is said', () => {
    expect(lyingIn([disc, ball], 1, undefined, free)).toEqual([disc]);
    expect(lyingIn([disc, ball], 0, undefined, free)).toEqual([]);
  });

  it('is said only where it is not the same everywhere', () => {
    expect(lying({ markers: [post], within: [] }, 3)).toEqual([]);
    expect(lying({ markers: [], within: [disc] }, 1)).toEqual([]);
    expect(lying({ markers: [post], within: [disc] }, 3)).toEqual([
      'flat marker',
      'yellow disc',
      'flat marker',
    ]);
    expect(lying({ markers: [ball], within: [disc, usualFlat] }, 3)).toEqual([
      'half ball',
      'yellow disc',
      'flat marker',
    ]);
  });

  it('is held against how many there are', () => {
    const b = { letter: 'b', marker: disc, needed: 9, missing: 0 };
    expect(enoughText(b)).toBe('takes 9, never counted');
    expect(enoughText({ ...b, left: 24 })).toBe('takes 9 of 24');
    expect(enoughText({ ...b, left: 4, missing: 5 })).toBe('takes 9, 5 too few');
    const c = { ...b, letter: 'c', marker: ball };
    expect(liesAsBest([b, c], [b, c])).toBe(true);
    expect(liesAsBest([b], [b, c])).toBe(false);
    expect(liesAsBest([{ ...b, marker: ball }], [b])).toBe(false);
  });
});
