import type { Calibration, Length } from '../length';
import type { Yard, YardRequest } from './api';

type Surface = YardRequest['surface'];

/** A yard while it is being described: lengths may still be missing. */
export interface Draft {
  name: string;
  length: Length | undefined;
  width: Length | undefined;
  surface: Surface;
  fall: string;
  notes: string;
  pace: Partial<Calibration> & { on: boolean };
  bay: Partial<Calibration> & { on: boolean };
}

export const SURFACES: { value: Surface; label: string }[] = [
  { value: 'ASPHALT', label: 'Asphalt' },
  { value: 'CONCRETE', label: 'Concrete' },
  { value: 'BLOCK_PAVING', label: 'Block paving' },
  { value: 'GRAVEL', label: 'Gravel' },
  { value: 'PACKED_EARTH', label: 'Packed earth' },
  { value: 'GRASS', label: 'Grass' },
];

/** A draft of a stored yard, or of a new one. */
export function draftOf(yard: Yard | undefined): Draft {
  return {
    name: yard?.name ?? '',
    length: yard?.length,
    width: yard?.width,
    surface: yard?.surface ?? 'ASPHALT',
    fall: yard === undefined ? '0' : String(yard.fallPercent),
    notes: yard?.notes ?? '',
    pace: { on: yard?.pace !== undefined, count: 10, ...yard?.pace },
    bay: { on: yard?.bay !== undefined, count: 4, ...yard?.bay },
  };
}

/** A calibration that is whole, or nothing. */
export function whole(c: Draft['bay']): Calibration | undefined {
  return c.on && c.taped !== undefined && c.count !== undefined && c.count > 0
    ? { count: c.count, taped: c.taped }
    : undefined;
}

/** What to send, once everything needed is there. */
export function requestOf(draft: Draft): YardRequest | undefined {
  const fallPercent = Number(draft.fall.replace(',', '.'));
  if (draft.length === undefined || draft.width === undefined || draft.name.trim() === '') return undefined;
  if (draft.fall.trim() === '' || !Number.isFinite(fallPercent)) return undefined;
  const pace = whole(draft.pace);
  const bay = whole(draft.bay);
  return {
    name: draft.name,
    length: draft.length,
    width: draft.width,
    surface: draft.surface,
    fallPercent,
    notes: draft.notes,
    ...(pace && { pace }),
    ...(bay && { bay }),
  };
}
