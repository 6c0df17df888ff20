import { describe, expect, it } from 'vitest';
import type { MachineClass } from './api';
import { draftOf, figureText, figureValue, fresh, requestOf } from './model';

const kind: MachineClass = {
  id: 'twin-300',
  label: '300 twin',
  transmission: 'HAND_CLUTCH',
  figures: [
    { dimension: 'WHEELBASE', label: 'Wheelbase', quantity: 'METRES', value: 1.37, min: 0.9, max: 2.2 },
    { dimension: 'LOCK_LEFT', label: 'Lock, left', quantity: 'RADIANS', value: 0.61, min: 0.26, max: 1.22 },
  ],
};

describe('a figure', () => {
  it('is typed in degrees, rpm and metres and sent in SI', () => {
    expect(figureText(Math.PI / 5, 'RADIANS', 'METRIC')).toBe('36');
    expect(figureValue('36', 'RADIANS', 'METRIC')).toBeCloseTo(Math.PI / 5);
    expect(figureValue('1350', 'REVOLUTIONS_PER_SECOND', 'METRIC')).toBeCloseTo(22.5);
    expect(figureValue('1,372', 'METRES', 'METRIC')).toBeCloseTo(1.372);
  });

  it('is typed in inches where feet are read', () => {
    expect(figureText(1.3716, 'METRES', 'IMPERIAL')).toBe('54');
    expect(figureValue('54.25', 'METRES', 'IMPERIAL')).toBeCloseTo(1.37795);
    expect(figureText(Math.PI / 5, 'RADIANS', 'IMPERIAL')).toBe('36');
  });

  it('that is no number is not sent', () => {
    for (const text of ['', ' ', 'wide', 'NaN', '1.2.3', 'Infinity']) {
      expect(figureValue(text, 'METRES', 'METRIC')).toBeUndefined();
    }
  });
});

describe('a machine being described', () => {
  it('starts with everything typical', () => {
    expect(requestOf(fresh(kind, 'METRIC'), kind)).toMatchObject({
      name: '300 twin',
      figures: [],
      circles: [],
    });
  });

  it('sends what is measured and comes back the same', () => {
    const draft = { ...fresh(kind, 'METRIC'), measured: { WHEELBASE: '1.38', LOCK_LEFT: 'about 35' } };
    const sent = requestOf(draft, kind);
    expect(sent.figures).toEqual([{ dimension: 'WHEELBASE', value: 1.38, provenance: 'MEASURED' }]);
    const stored = {
      ...sent,
      id: 1,
      version: 1,
      classLabel: kind.label,
      turn: { turns: [], leans: [], questions: [], limitLeftMetres: 5, limitRightMetres: 5 },
    };
    expect(draftOf(stored, kind, 'METRIC').measured).toEqual({ WHEELBASE: '1.38' });
  });
});
