import type { Estimate, Progress, ProgressDay } from './api';

export type Scale = 'metres' | 'tightness';
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
  /** Ticks of the axis, for each side. */
  ticks: { side: Side; value: number; x: number }[];
  /** Inner edges of the kerb: the machine's limit. */
  kerb: { left: number; right: number };
  rungs: { side: Side; x: number }[];
}

const TOP = 46;
const BOTTOM = 14;
/** Half the kerb's width where both limits meet the middle, in pixels: room for the dates, on a phone without their years. */
const HALF_KERB = 66;
const HALF_KERB_NARROW = 42;
/** Charts less wide than this are narrow, in pixels. */
const NARROW = 520;

function value(of: { settingMetres: number; tightness?: number | undefined }, scale: Scale): number {
  // Kinds that are ridden straight on have no tightness, and are shown in metres alone.
  return scale === 'metres' ? of.settingMetres : (of.tightness ?? of.settingMetres);
}

function estimateAt(e: Estimate, scale: Scale): [number, number, number] | undefined {
  if (scale === 'tightness') return [e.tightness, e.lowTightness, e.highTightness];
  const { metres, lowMetres, highMetres } = e;
  return metres === undefined || lowMetres === undefined || highMetres === undefined
    ? undefined
    : [metres, lowMetres, highMetres];
}

/** Lays the lane out: time runs down, distance from the middle is the setting, so a better rider comes inwards. */
export function layOut(progress: Progress, scale: Scale, width: number, height: number): Chart | undefined {
  const { standing } = progress;
  // A spell, and what was broken off, say nothing at one place of the lane; the table has them.
  const days = progress.days.map((d) => ({ ...d, runs: d.runs.filter((r) => r.sort === 'RUN') }));
  if (standing === undefined || days.length === 0) return undefined;
  const runs = days.flatMap((d) => d.runs);
  const estimates = days
    .flatMap((d) => [d.left, d.right])
    .flatMap((e) => (e === undefined ? [] : (estimateAt(e, scale) ?? [])));
  const shown = [...runs, ...standing.ladder.rungs].map((of) => value(of, scale)).concat(estimates);
  const widest = Math.max(...shown);
  // Kinds that are ridden straight on have no limit: their kerb is as narrow as anything shown.
  const narrowest = Math.min(...shown);
  const limit = {
    LEFT: scale === 'metres' ? (standing.limitLeftMetres ?? narrowest) : 1,
    RIGHT: scale === 'metres' ? (standing.limitRightMetres ?? narrowest) : 1,
  };
  const least = Math.min(limit.LEFT, limit.RIGHT, narrowest);
  const middle = width / 2;
  const narrow = width < NARROW;
  const halfKerb = narrow ? HALF_KERB_NARROW : HALF_KERB;
  const perUnit = (middle - halfKerb - 18) / Math.max(0.001, widest - least);
  const x = (side: Side, v: number) =>
    middle + (side === 'LEFT' ? -1 : 1) * (halfKerb + (v - least) * perUnit);
  const bottom = height - BOTTOM;
  const gap = 16;
  const perRun = (bottom - TOP - gap * days.length) / Math.max(1, Math.max(1, runs.length));
  let y = TOP;
  const marks: Mark[] = [];
  const laid = days.map((d) => {
    const from = y + gap / 2;
    y = from;
    for (const r of d.runs) {
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
  const step = scale === 'metres' ? 1 : 0.2;
  const values = Array.from({ length: 60 }, (_, i) => Math.ceil(least / step) * step + i * step).filter(
    (v) => v <= widest + 1e-9,
  );
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
      const path = (points: [number, number][]) =>
        points.map(([px, py], i) => `${i === 0 ? 'M' : 'L'}${px.toFixed(1)} ${py.toFixed(1)}`).join('');
      return [
        {
          side,
          line: path(along.map((a) => [a.mid, a.y])),
          band:
            path([
              ...along.map((a): [number, number] => [a.low, a.y]),
              ...along.toReversed().map((a): [number, number] => [a.high, a.y]),
            ]) + 'Z',
        },
      ];
    }),
    ticks: sides.flatMap((side) => values.map((v) => ({ side, value: v, x: x(side, v) }))),
    kerb: { left: x('LEFT', limit.LEFT), right: x('RIGHT', limit.RIGHT) },
    rungs: sides.flatMap((side) => standing.ladder.rungs.map((r) => ({ side, x: x(side, value(r, scale)) }))),
  };
}
