import { letter, sideText, type Yard } from '../yard';
import type { SetupRequest } from './api';

/** Where to measure from on a yard, as it stands in the address: nothing for the course's own corner. */
export function startsOn(yard: Yard): { value: string; label: string }[] {
  return [
    { value: '', label: 'the course’s own corner' },
    ...yard.corners.flatMap((_, i) => sidesOf(i, yard)),
    ...yard.ground.bayRows.map((row, i) => ({ value: `${i}r`, label: `the row of ${row.count} bays` })),
  ];
}

/** A side of the yard from either end, as it stands in the address; a row of bays ends in r. */
function sidesOf(side: number, yard: Yard) {
  const n = yard.corners.length;
  const called = sideText(side, n, yard.ground.sideNames?.[side]);
  return [
    { value: `${side}a`, label: `${called}, from ${letter(side)}` },
    { value: `${side}b`, label: `${called}, from ${letter((side + 1) % n)}` },
  ];
}

/** What stands in the address, read; none where it is no such place. */
export function alongOf(text: string): SetupRequest['along'] {
  const read = /^(\d+)([abr])$/.exec(text);
  return read
    ? { line: read[2] === 'r' ? 'BAY_ROW' : 'SIDE', number: Number(read[1]), fromItsEnd: read[2] === 'b' }
    : undefined;
}
