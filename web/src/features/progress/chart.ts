import { scaleLinear } from 'd3-scale';
import { area, line } from 'd3-shape';
import { NARROW } from '../../shared/plan';
import { inFigures, METRES_PER_FOOT, type LengthSystem } from '../../shared/units';
import type { Estimate, Progress, ProgressDay } from './api';

export type Scale = 'metres' | 'difficulty';
type Side = 'LEFT' | 'RIGHT';

/** One run on the chart. */
export interface Mark {
  id: string;
  x: number;
  y: number;
  side: Side;
  faults: ProgressDay['runs'][number]['faults'];
}

/** The two-sided lane, in pixels. */
export interface Chart {
  width: number;
  height: number;
  narrow: boolean;
  top: number;
  bottom: number;
  middle: number;
  marks: Mark[];
  days: { id: number; date: string; y: number; from: number; to: number }[];
  /** Estimate lines with their bands, for each side. */
  estimates: { side: Side; line: string; band: string }[];
  /** Ticks of the axis, for each side, at whole metres, feet or percent of difficulty where there is room. */
  ticks: { side: Side; text: string; x: number }[];
  /** What the ticks are in; percent for difficulty. */
  unit: 'm' | 'ft' | '%';
  /** Inner edges of the kerb: the machine's limit. */
  kerb: { left: number; right: number };
  sizes: { side: Side; x: number }[];
}

const TOP = 46;
const BOTTOM = 14;
/** Between the widest run and the edge. */
const EDGE = 18;
/** Half the kerb's width where both limits meet the middle, in pixels: room for the dates, on a phone without their years. */
const HALF_KERB = 66;
const HALF_KERB_NARROW = 42;
const PERCENT = 0.01;
/** Pixels between ticks, about. */
const BETWEEN_TICKS = 56;

function value(of: { settingMetres: number; difficulty?: number | undefined }, scale: Scale): number {
  // Kinds that are ridden straight on have no difficulty, and are shown in metres alone.
  return scale === 'metres' ? of.settingMetres : (of.difficulty ?? of.settingMetres);
}

function estimateAt(e: Estimate, scale: Scale): [number, number, number] | undefined {
  if (scale === 'difficulty') return [e.difficulty, e.lowDifficulty, e.highDifficulty];
  const { metres, lowMetres, highMetres } = e;
  return metres === undefined || lowMetres === undefined || highMetres === undefined
    ? undefined
    : [metres, lowMetres, highMetres];
}

/** An estimate at the end of a day, in pixels. */
interface Along {
  y: number;
  mid: number;
  low: number;
  high: number;
}

const ESTIMATE = line<Along>(
  (a) => a.mid,
  (a) => a.y,
).digits(1);
const BAND = area<Along>()
  .y((a) => a.y)
  .x0((a) => a.low)
  .x1((a) => a.high)
  .digits(1);

/** Lays the lane out: time runs down, distance from the middle is the setting, so a better rider comes inwards;
 * where difficulty is shown, harder lies inwards. */
export function layOut(
  progress: Progress,
  scale: Scale,
  system: LengthSystem,
  width: number,
  height: number,
): Chart | undefined {
  const { riderSizes } = progress;
  // A timed ride, and what was broken off, say nothing at one place of the lane; the table has them.
  const days = progress.days.map((d) => ({ ...d, runs: d.runs.filter((r) => r.sort === 'RUN') }));
  if (riderSizes === undefined || days.length === 0) return undefined;
  const runs = days.flatMap((d) => d.runs);
  const estimates = days
    .flatMap((d) => [d.left, d.right])
    .flatMap((e) => (e === undefined ? [] : (estimateAt(e, scale) ?? [])));
  const shown = [...runs, ...riderSizes.ladder.sizes].map((of) => value(of, scale)).concat(estimates);
  const [hardest, easiest] =
    scale === 'metres' ? [Math.min(...shown), Math.max(...shown)] : [Math.max(...shown), Math.min(...shown)];
  // Kinds that are ridden straight on have no limit: their kerb is as narrow as anything shown.
  const limit = {
    LEFT: scale === 'metres' ? (riderSizes.limitLeftMetres ?? hardest) : 1,
    RIGHT: scale === 'metres' ? (riderSizes.limitRightMetres ?? hardest) : 1,
  };
  const inner =
    scale === 'metres' ? Math.min(limit.LEFT, limit.RIGHT, hardest) : Math.max(limit.LEFT, hardest);
  const middle = width / 2;
  const narrow = width < NARROW;
  const halfKerb = narrow ? HALF_KERB_NARROW : HALF_KERB;
  const outwards = scaleLinear()
    .domain([inner, easiest === inner ? inner + 0.001 : easiest])
    .range([halfKerb, middle - EDGE]);
  const x = (side: Side, v: number) => middle + (side === 'LEFT' ? -1 : 1) * outwards(v);
  const bottom = height - BOTTOM;
  const gap = 16;
  const perRun = (bottom - TOP - gap * days.length) / Math.max(1, Math.max(1, runs.length));
  let y = TOP;
  const marks: Mark[] = [];
  const laid = days.map((d) => {
    const from = y + gap / 2;
    y = from;
    for (const r of d.runs) {
      if (r.side === undefined) continue;
      marks.push({
        id: r.id,
        x: x(r.side, value(r, scale)),
        y: y + perRun / 2,
        side: r.side,
        faults: r.faults,
      });
      y += perRun;
    }
    const to = y;
    y += gap / 2;
    return { id: d.dayId, date: d.date, from, to, y: (from + to) / 2 };
  });
  const per = scale === 'difficulty' ? PERCENT : system === 'IMPERIAL' ? METRES_PER_FOOT : 1;
  const axis = outwards.copy().domain(outwards.domain().map((v) => v / per));
  const count = Math.max(2, Math.round((middle - EDGE - halfKerb) / BETWEEN_TICKS));
  const said = axis.tickFormat(count);
  const sides: Side[] = ['LEFT', 'RIGHT'];
  return {
    width,
    height,
    narrow,
    top: TOP,
    bottom,
    middle,
    marks,
    days: laid,
    estimates: sides.flatMap((side) => {
      const along = days.flatMap((d, i) => {
        const e = side === 'LEFT' ? d.left : d.right;
        const at = laid[i];
        if (e === undefined || at === undefined) return [];
        const band = estimateAt(e, scale);
        if (band === undefined) return [];
        const [mid, low, high] = band;
        return [{ y: at.y, mid: x(side, mid), low: x(side, low), high: x(side, high) }];
      });
      if (along.length === 0) return [];
      return [{ side, line: ESTIMATE(along) ?? '', band: BAND(along) ?? '' }];
    }),
    ticks: sides.flatMap((side) =>
      axis.ticks(count).map((v) => ({ side, text: inFigures(said(v)), x: x(side, v * per) })),
    ),
    unit: scale === 'difficulty' ? '%' : system === 'METRIC' ? 'm' : 'ft',
    kerb: { left: x('LEFT', limit.LEFT), right: x('RIGHT', limit.RIGHT) },
    sizes: sides.flatMap((side) =>
      riderSizes.ladder.sizes.map((r) => ({ side, x: x(side, value(r, scale)) })),
    ),
  };
}
