import { readNumber, typedNumber } from '../../shared/units';
import type { Calibration, Length } from '../length';
import type { Ground } from '../../shared/plan';
import type { Yard, YardGround, YardRequest } from './api';

type Surface = YardGround['surface'];
export type Corner = YardGround['outline']['corners'][number];
export type Obstacle = YardGround['obstacles'][number];
export type BayRow = YardGround['bayRows'][number];
export type Entrance = NonNullable<YardGround['entrance']>;

/** A diagonal while it is being described. */
export interface DraftDiagonal {
  from: number;
  to: number;
  length: Length | undefined;
}

/** A yard while it is being described: lengths may still be missing. */
export interface Draft {
  name: string;
  /** Corners put down on the drawing that are no outline yet. */
  drawing: Ground[];
  shape: 'RECTANGLE' | 'SIDES';
  /** Of a rectangle the first two count. */
  sides: (Length | undefined)[];
  corners: Corner[];
  diagonals: DraftDiagonal[];
  /** What people call the sides, from AB on; blank or missing where they have no name for it. */
  sideNames: string[];
  surface: Surface;
  fall: string;
  towards: number;
  obstacles: Obstacle[];
  bayRows: BayRow[];
  entrance: Entrance | undefined;
  notes: string;
  pace: Partial<Calibration> & { on: boolean };
  bay: Partial<Calibration> & { on: boolean };
}

/** What changes of a draft; worked out from how it then is, since lengths are read one after another. */
export type Change = Partial<Draft> | ((before: Draft) => Partial<Draft>);

export const SURFACES: { value: Surface; label: string }[] = [
  { value: 'ASPHALT', label: 'Asphalt' },
  { value: 'CONCRETE', label: 'Concrete' },
  { value: 'BLOCK_PAVING', label: 'Block paving' },
  { value: 'GRAVEL', label: 'Gravel' },
  { value: 'PACKED_EARTH', label: 'Packed earth' },
  { value: 'GRASS', label: 'Grass' },
];

export const CORNERS: { value: Corner; label: string }[] = [
  { value: 'SQUARE', label: 'square' },
  { value: 'OPEN', label: 'not square' },
  { value: 'SQUARE_BACK', label: 'square, back into the yard' },
  { value: 'OPEN_BACK', label: 'not square, back into the yard' },
];

const EIGHTHS = [
  'right',
  'up and right',
  'up',
  'up and left',
  'left',
  'down and left',
  'down',
  'down and right',
];

/** Ways on the drawing, in eighths of a turn from the right, anticlockwise. */
export const WAYS = EIGHTHS.map((label, i) => ({ value: String(i), label }));

/** Radians for an eighth of a turn. */
export const eighth = (i: number) => (i * Math.PI) / 4;

/** The nearest eighth of a turn, 0 to 7. */
export const toEighth = (radians: number) => ((Math.round(radians / (Math.PI / 4)) % 8) + 8) % 8;

/** Most sides of an outline: corners have a letter each. */
export const MOST_SIDES = 16;

export const letter = (corner: number) => String.fromCharCode(65 + corner);

type Outline = YardGround['outline'];

function isRectangle(outline: Outline) {
  const [a, b, c, d] = outline.sides;
  return (
    outline.sides.length === 4 &&
    outline.diagonals.length === 0 &&
    outline.corners.every((k) => k === 'SQUARE') &&
    a?.metres === c?.metres &&
    b?.metres === d?.metres
  );
}

/** A draft of a stored yard, or of a new one. */
export function draftOf(yard: Yard | undefined): Draft {
  const ground = yard?.ground;
  return {
    name: yard?.name ?? 'Yard',
    drawing: [],
    shape: ground === undefined || isRectangle(ground.outline) ? 'RECTANGLE' : 'SIDES',
    sides: ground?.outline.sides ?? [undefined, undefined, undefined, undefined],
    corners: ground?.outline.corners ?? ['SQUARE', 'SQUARE', 'SQUARE', 'SQUARE'],
    diagonals: ground?.outline.diagonals ?? [],
    sideNames: ground?.sideNames ?? [],
    surface: ground?.surface ?? 'ASPHALT',
    fall: ground === undefined ? '0' : typedNumber(ground.fallPercent, 2),
    towards: toEighth(ground?.fallTowardsRadians ?? 0),
    obstacles: ground?.obstacles ?? [],
    bayRows: ground?.bayRows ?? [],
    entrance: ground?.entrance,
    notes: yard?.notes ?? '',
    pace: { on: yard?.pace !== undefined, count: 10, ...yard?.pace },
    bay: { on: yard?.bay !== undefined, count: 4, ...yard?.bay },
  };
}

/** What a drawn outline makes of a draft. */
export function outlined(outline: Outline): Partial<Draft> {
  const { sides, corners, diagonals } = outline;
  return { shape: isRectangle(outline) ? 'RECTANGLE' : 'SIDES', sides, corners, diagonals, drawing: [] };
}

/** The same side by side: a rectangle's other two sides are as long as those that were typed. */
export function sideBySide({ sides }: Draft): Partial<Draft> {
  return { shape: 'SIDES', sides: sides.map((s, i) => s ?? (sides.length === 4 ? sides[i - 2] : undefined)) };
}

/** A name for each side, blank where there is none. */
export function namesFor(draft: Draft): string[] {
  const sides = draft.shape === 'RECTANGLE' ? 4 : draft.sides.length;
  return Array.from({ length: sides }, (_, i) => draft.sideNames[i] ?? '');
}

/** The letters of a side, after what people call it. */
export function sideText(side: number, sides: number, name: string | undefined): string {
  const letters = `${letter(side)}${letter((side + 1) % sides)}`;
  return name ? `${name} ${letters}` : `side ${letters}`;
}

/** The same with a side more, before the last one: the corner it makes is not known yet. */
export function withSide(draft: Draft): Draft {
  const at = draft.sides.length - 1;
  return {
    ...draft,
    sides: draft.sides.toSpliced(at, 0, undefined),
    corners: draft.corners.toSpliced(at + 1, 0, 'OPEN'),
    sideNames: namesFor(draft).toSpliced(at, 0, ''),
  };
}

/** The same without the last side but one; diagonals to corners that are gone go too. */
export function withoutSide(draft: Draft): Draft {
  const n = draft.sides.length - 1;
  return {
    ...draft,
    sides: draft.sides.toSpliced(n - 1, 1),
    corners: draft.corners.slice(0, n),
    sideNames: namesFor(draft).toSpliced(n - 1, 1),
    diagonals: draft.diagonals.filter((d) => d.from < n && d.to < n),
    entrance: draft.entrance && draft.entrance.side < n ? draft.entrance : undefined,
  };
}

/** A calibration that is whole, or nothing. */
export function whole(c: Draft['bay']): Calibration | undefined {
  return c.on && c.taped !== undefined && c.count !== undefined && c.count > 0
    ? { count: c.count, taped: c.taped }
    : undefined;
}

/** A usual row of bays, as wide as they were taped here. */
export function rowHere(usual: BayRow, bay: Calibration | undefined): BayRow {
  return { ...usual, ...(bay && { bayMetres: bay.taped.metres / bay.count }) };
}

/** Whether every length of the outline is there. */
function outlineOf(draft: Draft): Outline | undefined {
  const [length, width] = draft.sides;
  if (draft.shape === 'RECTANGLE') {
    return length && width
      ? {
          sides: [length, width, length, width],
          corners: ['SQUARE', 'SQUARE', 'SQUARE', 'SQUARE'],
          diagonals: [],
        }
      : undefined;
  }
  const sides = draft.sides.flatMap((s) => s ?? []);
  return sides.length === draft.sides.length
    ? {
        sides,
        corners: draft.corners,
        diagonals: draft.diagonals.flatMap(({ from, to, length: l }) => (l ? { from, to, length: l } : [])),
      }
    : undefined;
}

/** The ground, once its outline and fall are there. */
export function groundOf(draft: Draft): YardGround | undefined {
  const outline = outlineOf(draft);
  const fall = readNumber(draft.fall);
  if (outline === undefined || fall === undefined) return undefined;
  return {
    outline,
    surface: draft.surface,
    fallPercent: fall,
    fallTowardsRadians: eighth(draft.towards),
    obstacles: draft.obstacles,
    bayRows: draft.bayRows,
    ...(draft.entrance && { entrance: draft.entrance }),
    ...(draft.sideNames.some((name) => name.trim() !== '') && { sideNames: namesFor(draft) }),
  };
}

/** The yard to send, once all it needs is there. */
export function requestOf(draft: Draft): YardRequest | undefined {
  const ground = groundOf(draft);
  if (draft.name.trim() === '' || ground === undefined) return undefined;
  const pace = whole(draft.pace);
  const bay = whole(draft.bay);
  return { name: draft.name, ground, notes: draft.notes, ...(pace && { pace }), ...(bay && { bay }) };
}

/** A stored yard as it would be asked for again. */
export function asRequest({ name, ground, notes, pace, bay }: Yard): YardRequest {
  return { name, ground, notes, ...(pace && { pace }), ...(bay && { bay }) };
}

/** The middle of some places. */
export function middleOf(places: Ground[]): Ground {
  const n = places.length || 1;
  return {
    x: places.reduce((s, c) => s + c.x, 0) / n,
    y: places.reduce((s, c) => s + c.y, 0) / n,
  };
}

/** What a closer look at the courses begins with: the chosen one, else what lies between all of them. */
export function lookedAt(courses: { courseId: number; area: Ground[] }[], chosen: number | undefined) {
  const those = courses.filter((c) => chosen === undefined || c.courseId === chosen);
  return those.length === 0 ? undefined : middleOf(those.flatMap((c) => c.area));
}
