import {
  around,
  evenly,
  isLong,
  NARROW,
  pathOf,
  quarterTurned,
  Tarmac,
  type Bounds,
  type Ground as Spot,
  type View,
} from '../../../shared/plan';
import { lengthText, usePreferences } from '../../../shared/units';
import type { CourseRequest, Line, Plan, Place, Clearance } from '../api';
import { Ground } from './Ground';
import { Measures, clearanceFor, takenBy, type Changing } from './Measures';
import { PARTS } from '../model';
import { Outline, RideLine } from './RideLine';
import { ClearanceLeader } from './ClearanceLeader';

const plain = () => evenly(24, 40);

/** What is ridden on a course. */
interface Ridden {
  line?: Line | undefined;
  over?: Line | undefined;
  /** The clearance that is least, and what is said of it. */
  binding?: Clearance | undefined;
  bindingText?: string | undefined;
  place?: Place | undefined;
}

/** What is marked on a course, and what happens where somebody points or taps. */
interface Marks {
  /** Name of the clearance that is pointed at. */
  pointed?: string | undefined;
  onPoint?: (name: string | undefined) => void;
  /** The cone to mark, by its label. */
  lit?: string | undefined;
  /** Marks to chalk on the ground besides the course's own. */
  chalked?: Chalked[];
  /** Called with the cone or line that was tapped. */
  onMark?: (name: string) => void;
}

interface Look {
  plain?: boolean;
  labels?: boolean;
}

/** The course in plan, all of it from one answer of the core. */
export function CourseDrawing(props: {
  plan: Plan | undefined;
  course: CourseRequest;
  ridden?: Ridden;
  marks?: Marks;
  /** Without dimensions, with the labels of cones, or both. */
  look?: Look;
  className?: string;
  changing?: Changing;
}) {
  const { plan, ridden = {}, marks = {}, look = {} } = props;
  const { line } = ridden;
  const { system } = usePreferences();
  const className = props.className ?? 'min-h-96 flex-1';
  if (plan === undefined) {
    return <div className={`rounded-sm bg-tarmac p-4 text-chalk ${className}`}>Calculating…</div>;
  }
  const clearance = line?.clearances.find((r) => r.name === marks.pointed);
  const drawn: Drawn = {
    plan,
    line,
    over: ridden.over,
    clearance: clearance ?? ridden.binding,
    place: ridden.place,
    chalked: marks.chalked ?? [],
  };
  // The line is yet to come where it is waited for; the plan alone is drawn where cones are set out.
  const toCome = !(look.labels || look.plain);
  const long = isLong(boundsOf(drawn, toCome));
  // Turned once, whoever of the drawing's parts asks first.
  let onPhone: Drawn | undefined;
  const arranged = (width: number): Drawn => (width >= NARROW ? drawn : (onPhone ??= forNarrow(drawn, long)));
  return (
    <Tarmac
      label="Plan of the course"
      // A long course stands upright where there is little room beside it, and wants height.
      className={`${className} ${long ? (look.plain ? 'max-sm:min-h-80' : 'max-sm:min-h-[70vh]') : ''}`}
      bounds={(width) => boundsOf(arranged(width), toCome)}
      margin={look.plain ? plain : (width) => clearanceFor(arranged(width).plan, look.labels ?? false, width)}
    >
      {(view) => (
        <Contents
          drawn={arranged(view.width)}
          view={view}
          course={props.course}
          clearanceText={
            clearance
              ? `${PARTS[clearance.part]} ${lengthText(clearance.clearanceMetres, system)}`
              : ridden.bindingText
          }
          marks={{ ...marks, lit: marks.lit ?? clearance?.cone }}
          look={look}
          changing={props.changing}
        />
      )}
    </Tarmac>
  );
}

/** Without what is told of beside the drawing, and upright where it is long. */
function forNarrow(drawn: Drawn, long: boolean): Drawn {
  const roomy = { ...drawn, chalked: drawn.chalked.filter((c) => !c.besides) };
  return long ? quarterTurned(roomy) : roomy;
}

/** What is drawn, all of it on the same ground. */
interface Drawn {
  plan: Plan;
  line: Line | undefined;
  over: Line | undefined;
  clearance: Clearance | undefined;
  place: Place | undefined;
  chalked: Chalked[];
}

function Contents(props: {
  drawn: Drawn;
  view: View;
  course: CourseRequest;
  clearanceText: string | undefined;
  marks: Marks;
  look: Look;
  changing: Changing | undefined;
}) {
  const { view, marks } = props;
  const { plain = false, labels = false } = props.look;
  const { plan, line, over, clearance, place, chalked } = props.drawn;
  return (
    <>
      {over && <RideLine line={over} view={view} other />}
      {line && <RideLine line={line} view={view} />}
      <Ground plan={plan} view={view} labels={labels} lit={marks.lit} />
      {marks.onMark && <Tapped plan={plan} view={view} onMark={marks.onMark} />}
      {clearance && (
        <ClearanceLeader
          clearance={clearance}
          view={view}
          text={props.clearanceText}
          taken={plain ? [] : takenBy(plan, view, labels)}
        />
      )}
      {chalked.map((c) => (
        <Chalk key={c.label} mark={c} view={view} />
      ))}
      {place && <Outline place={place} view={view} />}
      {!plain && (
        <Measures plan={plan} course={props.course} view={view} labels={labels} changing={props.changing} />
      )}
      {marks.onPoint &&
        plan.cones.map((c) => (
          <circle
            key={c.label}
            cx={view.x(c.centre.x)}
            cy={view.y(c.centre.y)}
            r={14}
            fill="transparent"
            onPointerEnter={() => marks.onPoint?.(`cone ${c.label}`)}
            onPointerLeave={() => marks.onPoint?.(undefined)}
          >
            <title>{`Cone ${c.label}`}</title>
          </circle>
        ))}
    </>
  );
}

/** Where a thumb may fall, as wide as it is: lines under cones. The same can be chosen from a list beside the drawing. */
function Tapped(props: { plan: Plan; view: View; onMark: (name: string) => void }) {
  const { plan, view } = props;
  return (
    <g aria-hidden="true" className="cursor-pointer">
      {plan.lines
        .filter((l) => l.sort === 'BOUNDARY')
        .map((l, i) => (
          <path
            key={i}
            d={pathOf([l.from, l.to], view)}
            stroke="transparent"
            strokeWidth={28}
            onClick={() => props.onMark(l.name)}
          />
        ))}
      {plan.cones.map((c) => (
        <circle
          key={c.label}
          data-mark={c.label}
          cx={view.x(c.centre.x)}
          cy={view.y(c.centre.y)}
          r={22}
          fill="transparent"
          onClick={() => props.onMark(c.label)}
        />
      ))}
    </g>
  );
}

/** A mark to chalk on the ground. */
interface Chalked extends Spot {
  label: string;
  /** Left out where there is little room: it is told of beside the drawing. */
  besides?: boolean;
}

function Chalk({ mark, view }: { mark: Chalked; view: View }) {
  const x = view.x(mark.x);
  const y = view.y(mark.y);
  return (
    <g aria-hidden="true">
      <path d={`M${x - 7} ${y - 7}l14 14M${x - 7} ${y + 7}l14 -14`} stroke="var(--chalk)" strokeWidth={2.5} />
      <text
        x={x + 14}
        y={y + 5}
        fill="var(--chalk)"
        fontSize={15}
        fontWeight={600}
        paintOrder="stroke"
        stroke="var(--tarmac)"
        strokeWidth={5}
      >
        {mark.label}
      </text>
    </g>
  );
}

/** Everything drawn; where a line is yet to come, with room for it. */
function boundsOf({ plan, line, chalked }: Drawn, toCome: boolean): Bounds {
  return around([
    ...chalked,
    ...plan.cones.map((c) => c.centre),
    ...plan.lines.flatMap((l) => [l.from, l.to]),
    ...(line?.places.flatMap((p) => [p.left, p.right, p.front]) ?? (toCome ? plan.way : [])),
  ]);
}
