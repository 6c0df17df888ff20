import {
  DimensionFigure,
  DimensionLine,
  DragHandle,
  NARROW,
  type Margin,
  type View,
} from '../../../shared/plan';
import { letterOf } from '../../sizes';
import { lengthText, typedLength, usePreferences } from '../../../shared/units';
import type { CourseKind, CourseRequest, Plan } from '../api';
import { inSentence, snapped } from '../model';
import type { Box } from './leader';

/** How far from what it measures a dimension is drawn, in pixels; the same from one row to the next. */
function awayOn(plan: Plan, width: number): number {
  if (width < NARROW) return 22;
  // A figure with its letter is wider than the row of one alone: the next row's line would run through it.
  return sideBySide(plan) ? 44 : 34;
}

/** Whether it stands at settings whose dimensions are told one beside the other. */
function sideBySide(plan: Plan): boolean {
  return plan.measures.some((m) => Math.hypot(m.away.x, m.away.y) > 1.5);
}

/** How far more where it runs below or above, in pixels: beyond the letters of the corners. */
const LETTERED = 12;

/** How far more where cones are labelled, in pixels: beyond the labels. */
const LABELLED = 18;

/** Where along its line the figure of each row stands: off the middle, where a label may be, and apart from one another. */
const ALONG = [0.42, 0.85, 0.25];

/** Beside a plan where no dimension stands, in pixels: cones and their letters. */
const BARE = 30;

/** Room that the dimensions of a plan need at each side of it, in pixels. */
export function clearanceFor(plan: Plan, labels: boolean, width: number): Margin {
  const away = awayOn(plan, width);
  const rows = (along: (m: Plan['measures'][number]) => number) => Math.max(0, ...plan.measures.map(along));
  const half = lettersOnly(plan, width) ? HALF_LETTER : HALF_FIGURE;
  const beside = (n: number) => (n === 0 ? BARE : n * away + half + 6) + (labels ? LABELLED : 0);
  const over = (n: number) => (n === 0 ? BARE : n * away + 22) + (labels ? LABELLED : LETTERED);
  return {
    left: beside(rows((m) => -m.away.x)),
    right: beside(rows((m) => m.away.x)),
    top: over(rows((m) => m.away.y)),
    bottom: over(rows((m) => -m.away.y)),
  };
}

/** A line shorter than this has no room for its figure, in pixels. */
const SHORT = 105;

/** The same of an upright line without a handle, in pixels: its figure lies across it. */
const SHORT_UPRIGHT = 60;

/** How near a size a drag has to come to snap to it, in pixels. */
const REACH_PIXELS = 7;

/** Where dimensions are changed on the plan. */
export interface Changing {
  kind: CourseKind;
  sizes: number[];
  onDrag: (name: string, metres: number) => void;
  onSettle: (name: string, text: string) => Promise<string | undefined>;
  /** Where a drag ends. */
  onRest: (name: string, metres: number) => void;
}

/** The dimensions beside what they measure; clicked and typed, or dragged, where that is asked for. */
export function Measures(props: {
  plan: Plan;
  course: CourseRequest;
  view: View;
  labels: boolean;
  changing?: Changing | undefined;
}) {
  return props.plan.measures.map((m, i) => <OneMeasure key={i} measure={m} {...props} />);
}

/** Half the width of a figure with its unit, in pixels. */
const HALF_FIGURE = 38;

/** Half the width of the letter of a setting, in pixels. */
const HALF_LETTER = 8;

/** Whether settings that stand side by side are told apart by their letters alone, their figures being told beside. */
function lettersOnly(plan: Plan, width: number): boolean {
  return width < NARROW && sideBySide(plan);
}

function OneMeasure(props: {
  measure: Plan['measures'][number];
  plan: Plan;
  course: CourseRequest;
  view: View;
  labels: boolean;
  changing?: Changing | undefined;
}) {
  const { measure: m, view, changing } = props;
  const { system } = usePreferences();
  // While it is changed, what was typed or dragged last; else as it is drawn, which may be one setting of several.
  const onGround = Math.hypot(m.to.x - m.from.x, m.to.y - m.from.y);
  const metres = changing ? props.course.lengths[m.name]?.metres : onGround;
  if (metres === undefined) return null;
  const row = Math.hypot(m.away.x, m.away.y);
  const { from, to, figure: middle } = placed(props.plan, m, view, props.labels);
  const dimension = changing?.kind.dimensions.find((d) => d.name === m.name);
  const several = props.plan.measures.filter((o) => o.name === m.name).length > 1;
  const letter = several ? letterOf(Math.round(row) - 1) : '';
  const text =
    several && lettersOnly(props.plan, view.width)
      ? letter
      : `${letter} ${lengthText(metres, system)}`.trim();
  return (
    <>
      <DimensionLine x1={from.x} y1={from.y} x2={to.x} y2={to.y} />
      {changing && dimension ? (
        <>
          <DimensionFigure
            x={middle.x}
            y={middle.y}
            name={dimension.label}
            text={text}
            typed={typedLength(metres, system)}
            onType={(t) => changing.onSettle(m.name, t)}
          />
          <DragHandle
            at={to}
            name={`Drag the ${inSentence(dimension.label)}`}
            metres={metres}
            range={dimension}
            along={Math.abs(to.x - from.x) > Math.abs(to.y - from.y) ? 'x' : 'y'}
            perPixel={perPixel(m, view)}
            onChange={(v, exact) => changing.onDrag(m.name, exact ? v : snappedTo(v))}
            onCommit={(v, exact) => changing.onRest(m.name, exact ? v : snappedTo(v))}
          />
        </>
      ) : (
        <Plain x={middle.x} y={middle.y} text={text} />
      )}
    </>
  );

  function snappedTo(value: number): number {
    const sizes = dimension?.ladder ? (changing?.sizes ?? []) : [];
    return snapped(value, sizes, REACH_PIXELS / view.pixelsPerMetre);
  }
}

/** Where a dimension's line and its figure stand on a drawing. */
function placed(plan: Plan, m: Plan['measures'][number], view: View, labels: boolean) {
  const row = Math.hypot(m.away.x, m.away.y);
  const lettered = m.away.y === 0 ? 0 : LETTERED;
  const out = awayOn(plan, view.width) + (labels ? LABELLED : lettered) / row;
  const away = { x: m.away.x * out, y: -m.away.y * out };
  const end = (p: Spot) => ({ x: view.x(p.x) + away.x, y: view.y(p.y) + away.y });
  const from = end(m.from);
  const to = end(m.to);
  // On a short line the figure stands beyond its end, so that the handle stays free; or beyond the other, if there is no room.
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const after = beyond(from, to);
  const isUpright = Math.abs(to.y - from.y) > Math.abs(to.x - from.x);
  const upright = view.width < NARROW && isUpright;
  const beside =
    length < (labels && isUpright ? SHORT_UPRIGHT : SHORT)
      ? upright
        ? outside(from, to, m.away.x)
        : isWithin(after, view)
          ? after
          : beyond(to, from)
      : between(from, to, labels ? (ALONG[Math.round(row) - 1] ?? 0.5) : 0.5);
  // A figure half out of the picture is no use.
  const figure = {
    x: Math.min(Math.max(beside.x, HALF_FIGURE), view.width - HALF_FIGURE),
    y: Math.min(Math.max(beside.y, HALF_HIGH), view.height - HALF_HIGH),
  };
  return { from, to, figure };
}

/** Half the height of a figure, in pixels. */
const HALF_HIGH = 14;

/** What dimensions take of a drawing, figures and handles: what else is written keeps off it. */
export function takenBy(plan: Plan, view: View, labels: boolean): Box[] {
  return plan.measures.flatMap((m) => {
    const { to, figure } = placed(plan, m, view, labels);
    return [boxAt(figure, HALF_FIGURE, HALF_HIGH), boxAt(to, HALF_HIGH, HALF_HIGH)];
  });
}

function boxAt({ x, y }: Spot, wide: number, high: number): Box {
  return { minX: x - wide, maxX: x + wide, minY: y - high, maxY: y + high };
}

interface Spot {
  x: number;
  y: number;
}

/** Where a figure stands beyond the end of a line. */
function beyond(from: Spot, to: Spot): Spot {
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return { x: to.x + ((to.x - from.x) / length) * 56, y: to.y + ((to.y - from.y) / length) * 30 };
}

/** Where a figure stands beside the middle of an upright line. */
function outside(from: Spot, to: Spot, away: number): Spot {
  return { x: from.x + (away < 0 ? -1 : 1) * (HALF_FIGURE + 8), y: (from.y + to.y) / 2 };
}

function isWithin(at: Spot, view: View): boolean {
  return at.x >= HALF_FIGURE && at.x <= view.width - HALF_FIGURE && at.y >= 14 && at.y <= view.height - 14;
}

function between(from: Spot, to: Spot, share: number) {
  return { x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) };
}

/** Metres of the dimension for a pixel dragged right, and for a pixel dragged down. */
function perPixel(m: Plan['measures'][number], view: View): { x: number; y: number } {
  const dx = m.to.x - m.from.x;
  const dy = m.to.y - m.from.y;
  const length = Math.hypot(dx, dy) || 1;
  const gain = m.gain / view.pixelsPerMetre;
  return { x: (gain * dx) / length, y: (-gain * dy) / length };
}

function Plain({ x, y, text }: { x: number; y: number; text: string }) {
  return (
    <text
      x={x}
      y={y + 5}
      fill="var(--chalk)"
      textAnchor="middle"
      className="figures"
      fontSize={15}
      paintOrder="stroke"
      stroke="var(--tarmac)"
      // So wide that of the line under it nothing stands above the point either.
      strokeWidth={13}
      strokeLinejoin="round"
    >
      {text}
    </text>
  );
}
