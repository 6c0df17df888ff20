import { lengthText, type LengthSystem } from '../../shared/units';
import type { Length } from '../length';
import type { Course, CourseKind, CourseRequest, Evaluation, Fit } from './api';

/** A stored course as it would be asked for again. */
export function requestOf(course: Course): CourseRequest {
  const { name, width, depth, edgeSpacing, entrySide, start } = course;
  return { name, width, depth, edgeSpacing, entrySide, start };
}

/** Whether two courses say the same. */
export function same(a: CourseRequest, b: CourseRequest): boolean {
  return JSON.stringify(requestOf(a as Course)) === JSON.stringify(requestOf(b as Course));
}

/** A new course from the defaults of its kind. */
export function fresh(kind: CourseKind): CourseRequest {
  const of = (name: string): Length => {
    const metres = kind.dimensions.find((d) => d.name === name)?.defaultMetres ?? 7;
    return { metres, uncertaintyMetres: 0.02, method: 'TAPE', text: `${metres} m` };
  };
  return {
    name: 'New box',
    width: of('widthMetres'),
    depth: of('depthMetres'),
    edgeSpacing: of('edgeSpacingMetres'),
    entrySide: 'RIGHT',
    start: 'ROLLING',
  };
}

/** The nearest rung within reach, else the centimetre; reach is in metres. */
export function snapped(metres: number, rungs: number[], reach: number): number {
  const near = rungs.filter((r) => Math.abs(r - metres) <= reach);
  const best = near.sort((a, b) => Math.abs(a - metres) - Math.abs(b - metres))[0];
  return best ?? Math.round(metres * 100) / 100;
}

/** The answer in one word for a table. */
export const ANSWERS: Record<Fit['answer'], { word: string; tone: string }> = {
  FITS: { word: 'fits', tone: 'text-moss' },
  TOO_CLOSE_TO_CALL: { word: 'too close', tone: 'text-ochre' },
  DOES_NOT_FIT: { word: 'too tight', tone: 'text-brick' },
};

const ORDER: Fit['answer'][] = ['FITS', 'TOO_CLOSE_TO_CALL', 'DOES_NOT_FIT'];

/** The worse of the two sides. */
export function worse(pair: Evaluation['pairs'][number]): Fit {
  const [a, b] = [pair.asSet, pair.mirrored];
  if (a.answer !== b.answer) return ORDER.indexOf(a.answer) > ORDER.indexOf(b.answer) ? a : b;
  return a.room.metres <= b.room.metres ? a : b;
}

/** The verdict in words: the answer first, then how much, then what binds. */
export function verdict(fit: Fit, system: LengthSystem): { head: string; tail: string } {
  const spare = lengthText(Math.abs(fit.room.metres), system);
  switch (fit.answer) {
    case 'FITS':
      return { head: 'Fits', tail: `with ${spare} to spare; the ${fit.bindingLine} binds.` };
    case 'TOO_CLOSE_TO_CALL':
      return {
        head: 'Too close to call:',
        tail: `${fit.room.metres < 0 ? 'lacks' : 'spares'} ${spare}, and the measurements may be out by more. The ${fit.bindingLine} binds.`,
      };
    case 'DOES_NOT_FIT':
      return { head: 'Does not fit:', tail: `too tight by ${spare} at the ${fit.bindingLine}.` };
  }
}
