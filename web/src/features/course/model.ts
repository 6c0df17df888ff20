import type { Length } from '../length';
import {
  degreesText,
  lengthText,
  speedBand,
  speedText,
  typedLength,
  type LengthSystem,
  type SpeedUnit,
} from '../../shared/units';
import type {
  Course,
  CourseKind,
  CourseRequest,
  Evaluation,
  Fit,
  Line,
  LineChoice,
  Clearance,
  Size,
} from './api';

/** A stored course as it would be asked for again. */
export function requestOf(course: Course | CourseRequest): CourseRequest {
  const { name, kind, lengths, counts, options, firstTurn, markers, within } = course;
  return { name, kind, lengths, counts, options, firstTurn, markers: markers ?? [], within: within ?? [] };
}

/** Whether two courses say the same, in whatever order their settings stand. */
export function same(a: CourseRequest, b: CourseRequest): boolean {
  const sorted = (c: CourseRequest) =>
    JSON.stringify(requestOf(c), (_, value: unknown) =>
      value !== null && typeof value === 'object' && !Array.isArray(value)
        ? Object.fromEntries(Object.entries(value).sort(([x], [y]) => x.localeCompare(y)))
        : value,
    );
  return sorted(a) === sorted(b);
}

/** A new course from the standards of its kind, its lengths said as this person reads them. */
export function fresh(kind: CourseKind, system: LengthSystem): CourseRequest {
  const lengths = Object.fromEntries(
    Object.entries(kind.start.lengths).map(([name, length]) => [
      name,
      { ...length, text: typedLength(length.metres, system) },
    ]),
  );
  return { ...kind.start, lengths, name: `New ${inSentence(kind.label)}` };
}

/** The dimension that the sizes turn. */
export function ladderOf(kind: CourseKind): CourseKind['dimensions'][number] {
  const ladder = kind.dimensions.find((d) => d.ladder);
  if (ladder === undefined) throw new Error(`${kind.kind} has no ladder`);
  return ladder;
}

/** A count of bays as it is said and typed. */
export function baysText(count: number): string {
  return `${count} ${count === 1 ? 'bay' : 'bays'}`;
}

/** A size as people say it: in bays where it is counted in them. */
export function sizeText({ settingMetres, inBays }: Size, system: LengthSystem): string {
  const length = lengthText(settingMetres, system);
  return inBays ? `${baysText(inBays.counted)}, ${length}` : length;
}

/** A size counted in bays as a course is set to it, which keeps it counted in bays. */
export function lengthInBays({ counted, ...length }: NonNullable<Size['inBays']>): Length {
  return { ...length, text: baysText(counted) };
}

/** The setting of the ladder's dimension, in metres. */
export function settingOf(course: { lengths: CourseRequest['lengths'] }, kind: CourseKind): number {
  return course.lengths[ladderOf(kind).name]?.metres ?? 0;
}

/** A dimension's label in the middle of a sentence. */
export function inSentence(label: string): string {
  return /^[A-Z]-/.test(label) ? label : label.charAt(0).toLowerCase() + label.slice(1);
}

/** The nearest size within reach, else the centimetre; reach is in metres. */
export function snapped(metres: number, sizes: number[], reach: number): number {
  const near = sizes.filter((r) => Math.abs(r - metres) <= reach);
  const best = near.sort((a, b) => Math.abs(a - metres) - Math.abs(b - metres))[0];
  return best ?? Math.round(metres * 100) / 100;
}

/** The answer in one word for a table. */
export const ANSWERS: Record<Fit['answer'], { word: string; tone: string }> = {
  FITS: { word: 'fits', tone: 'text-moss' },
  TOO_CLOSE_TO_CALL: { word: 'too close', tone: 'text-ochre' },
  DOES_NOT_FIT: { word: 'too tight', tone: 'text-brick' },
  NOT_SOLVED: { word: 'not solved', tone: 'text-ochre' },
};

/** What of the machine comes nearest. */
export const PARTS: Record<Clearance['part'], string> = {
  FRONT_WHEEL: 'front wheel',
  REAR_WHEEL: 'rear wheel',
  BODY: 'widest point',
};

function placed(name: string, part: Clearance['part']): string {
  return `${PARTS[part]} at ${/^cone /.test(name) ? name : `the ${name}`}`;
}

/** Half a degree, in radians: nobody sees less, and straight on it is none. */
const UPRIGHT = 0.0087;

const leaning = (radians: number) => (radians < UPRIGHT ? 'upright' : `leaning ${degreesText(radians)}`);

/** How to ride what fits: at the speeds recommended, or at the one that was chosen. */
function rideIt(fit: Fit, line: Line | undefined, speed: SpeedUnit): string {
  const { speedMetresPerSecond, recommended } = fit;
  if (speedMetresPerSecond === undefined) return 'Ride it from a stop. ';
  const lean = line?.mostLeanRadians ?? fit.leanRadians;
  if (recommended === undefined) return `At ${speedText(speedMetresPerSecond, speed)}, ${leaning(lean)}. `;
  const leaned = lean < UPRIGHT ? 'upright' : `leaning about ${degreesText(lean, 0)}`;
  return `Ride it at ${speedBand(recommended.slowest, recommended.fastest, speed)}, ${leaned}. `;
}

/** The clearance of the line drawn; more than is looked for is said so. */
function clearanceText(fit: Fit, line: Line | undefined, system: LengthSystem): string {
  const metres = line?.binding.clearanceMetres ?? fit.spare.metres;
  return metres > 0.99 ? `more than ${lengthText(1, system)}` : lengthText(metres, system);
}

/** The verdict in words: the answer with the clearance of the line drawn, how to ride it, and the tightest point. */
export function verdict(
  fit: Fit,
  line: Line | undefined,
  system: LengthSystem,
  speed: SpeedUnit,
): { head: string; tail: string } {
  const spare = lengthText(Math.abs(fit.spare.metres), system);
  const tightest = `the ${placed(fit.binding, fit.bindingPart)} is the tightest point.`;
  const ridden =
    fit.speedMetresPerSecond === undefined
      ? 'from a stop'
      : `at ${speedText(fit.speedMetresPerSecond, speed)}, ${leaning(line?.mostLeanRadians ?? fit.leanRadians)}`;
  switch (fit.answer) {
    case 'FITS': {
      const by = line ? placed(line.binding.name, line.binding.part) : placed(fit.binding, fit.bindingPart);
      return {
        head: `Fits with ${clearanceText(fit, line, system)} clearance.`,
        tail: `${rideIt(fit, line, speed)}Tightest: ${by}.`,
      };
    }
    case 'TOO_CLOSE_TO_CALL':
      return {
        head: 'Too close to call:',
        tail: `${fit.spare.metres < 0 ? 'lacks' : 'spares'} ${spare} ${ridden}, and the measurements may be out by more; ${tightest}`,
      };
    case 'DOES_NOT_FIT':
      return { head: 'Does not fit:', tail: `even ${ridden} it is too tight by ${spare}; ${tightest}` };
    case 'NOT_SOLVED':
      return {
        head: 'Not solved:',
        tail: 'no line was found, and none ruled out. Change a dimension a little, or try it with a tape.',
      };
  }
}

/** What the line keeps where the course begins or ends, which the verdict leaves out. */
export function atTheEnds(line: Line | undefined, system: LengthSystem): string | undefined {
  return (
    line?.end &&
    `Where it begins and ends it keeps ${lengthText(line.end.clearanceMetres, system)}, ${placed(line.end.name, line.end.part)}.`
  );
}

/** The line to draw: the one chosen where it is there, or the one with the most room. */
export function drawnLine(evaluation: Evaluation | undefined, choice: LineChoice): Line | undefined {
  const { comfortable, easiest, roomiest } = evaluation ?? {};
  const wanted = { COMFORTABLE: comfortable, EASIEST: easiest, ROOMIEST: roomiest }[choice];
  return wanted ?? roomiest ?? comfortable ?? easiest;
}
