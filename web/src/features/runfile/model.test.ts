import { describe, expect, it } from 'vitest';
import { addsText, mapped } from './model';

describe('mapped', () => {
  it('says a column by another heading, and takes it away', () => {
    expect(mapped({ DATE: 'a' }, 'RIDER', 'b')).toEqual({ DATE: 'a', RIDER: 'b' });
    expect(mapped({ DATE: 'a', RIDER: 'b' }, 'DATE', 'c')).toEqual({ DATE: 'c', RIDER: 'b' });
    expect(mapped({ DATE: 'a', TIME: 'b' }, 'TIME', '')).toEqual({ DATE: 'a' });
  });
});

describe('addsText', () => {
  const preview = { headings: [], columns: {}, findings: [], more: 0 };
  it('says only what there is to say', () => {
    expect(addsText({ ...preview, lines: 1, adds: 1, already: 0, newDays: [] })).toBe(
      '1 run of 1 line would come in.',
    );
    expect(addsText({ ...preview, lines: 5, adds: 3, already: 2, newDays: ['2026-05-14'] })).toBe(
      '3 runs of 5 lines would come in; 2 runs came in before; 1 day would be made.',
    );
  });
});
