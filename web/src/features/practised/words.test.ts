import { describe, expect, it } from 'vitest';
import type { PracticeRequest } from './api';
import { countedText, typedCount } from './words';

const practice: PracticeRequest = {
  kind: 'u-turn-box',
  machineId: 1,
  on: '2026-11-12',
  minutes: 10,
  setting: { metres: 7.2, uncertaintyMetres: 0.1, method: 'BAYS', text: '3 bays' },
  left: { runs: 6, clean: 5 },
  right: { runs: 0, clean: 0 },
  note: '',
};

describe('countedText', () => {
  it('names the sides that were counted', () => {
    expect(countedText(practice, (m) => `${m} m`)).toBe('7.2 m: left 5 of 6 clean');
    expect(countedText({ ...practice, right: { runs: 4, clean: 0 } }, (m) => `${m} m`)).toBe(
      '7.2 m: left 5 of 6, right 0 of 4 clean',
    );
  });

  it('says where nothing was', () => {
    expect(countedText({ ...practice, left: { runs: 0, clean: 0 } }, String)).toBe('nothing counted');
  });
});

describe('typedCount', () => {
  it('takes whole numbers, and nothing as none', () => {
    expect(typedCount(' 5', '6 ')).toEqual({ clean: 5, runs: 6 });
    expect(typedCount('', '')).toEqual({ clean: 0, runs: 0 });
  });

  it('takes nothing else', () => {
    expect(typedCount('7', '6')).toBeUndefined();
    expect(typedCount('five', '6')).toBeUndefined();
    expect(typedCount('5', '')).toBeUndefined();
    expect(typedCount('-1', '6')).toBeUndefined();
    expect(typedCount('1.5', '6')).toBeUndefined();
  });
});
