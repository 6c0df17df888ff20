import { describe, expect, it } from 'vitest';
import { draftOf, requestOf, whole } from './model';
import type { Length } from '../length';

const length = (metres: number): Length => ({
  metres,
  uncertaintyMetres: 0.02,
  method: 'TAPE',
  text: `${metres} m`,
});
const full = { ...draftOf(undefined), name: 'Quay', length: length(40), width: length(20) };

describe('a yard being described', () => {
  it('is not sent before its name and both lengths are there', () => {
    expect(requestOf(draftOf(undefined))).toBeUndefined();
    expect(requestOf({ ...full, name: ' ' })).toBeUndefined();
    expect(requestOf({ ...full, width: undefined })).toBeUndefined();
    expect(requestOf(full)).toMatchObject({ name: 'Quay', fallPercent: 0 });
  });

  it('takes the fall with a decimal comma and refuses words', () => {
    expect(requestOf({ ...full, fall: '1,5' })?.fallPercent).toBe(1.5);
    expect(requestOf({ ...full, fall: 'steep' })).toBeUndefined();
    expect(requestOf({ ...full, fall: '' })).toBeUndefined();
  });

  it('sends a calibration only when it is whole and wanted', () => {
    expect(whole({ on: true, count: 4 })).toBeUndefined();
    expect(whole({ on: false, count: 4, taped: length(9) })).toBeUndefined();
    expect(requestOf({ ...full, bay: { on: true, count: 4, taped: length(9.6) } })?.bay?.count).toBe(4);
  });
});
