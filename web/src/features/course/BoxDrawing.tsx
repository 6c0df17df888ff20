import { DimensionFigure, DimensionLine, DragHandle, Tarmac, type View } from '../../shared/plan';
import { lengthText, typedLength, usePreferences } from '../../shared/units';
import type { CourseKind, Evaluation } from './api';
import { BoxGround } from './BoxGround';
import { snapped } from './model';
import { RideLine } from './RideLine';
import type { Answered } from './useEvaluation';

/** How near a rung a drag has to come to snap to it, in pixels. */
const REACH_PIXELS = 7;

export type Dragged = 'width' | 'depth';

/**
 * The box in plan, all of it from one answer of the core. Its dimensions are clicked and typed, or dragged; without
 * {@code onDrag} it only shows.
 */
export function BoxDrawing(props: {
  answered: Answered | undefined;
  limits?: CourseKind['dimensions'];
  rungs?: number[];
  labels?: boolean;
  className?: string;
  onDrag?: (name: Dragged, metres: number) => void;
  onSettle?: (name: Dragged, text: string) => Promise<string | undefined>;
}) {
  const { answered } = props;
  const className = props.className ?? 'min-h-96 flex-1';
  if (answered === undefined) {
    return <div className={`rounded-sm bg-tarmac p-4 text-chalk ${className}`}>Reckoning…</div>;
  }
  const { width, depth, entrySide } = answered.request.course;
  const up = entrySide === 'RIGHT' ? 1 : -1;
  const [low, high] = up === 1 ? [0, width.metres] : [-width.metres, 0];
  const bounds = { minX: -3.4, maxX: depth.metres + 2.1, minY: low - 1.75, maxY: high + 0.9 };
  return (
    <Tarmac label="Plan of the box" className={className} bounds={bounds}>
      {(view) => (
        <>
          <RideLine drawn={answered.evaluation.drawn} view={view} />
          <BoxGround evaluation={answered.evaluation} view={view} labels={props.labels ?? false} />
          <Leader
            evaluation={answered.evaluation}
            view={view}
            farX={depth.metres}
            exitY={up * width.metres}
          />
          <Dimensions {...props} answered={answered} view={view} up={up} low={low} />
        </>
      )}
    </Tarmac>
  );
}

function Dimensions(props: {
  answered: Answered;
  view: View;
  up: number;
  low: number;
  limits?: CourseKind['dimensions'];
  rungs?: number[];
  onDrag?: (name: Dragged, metres: number) => void;
  onSettle?: (name: Dragged, text: string) => Promise<string | undefined>;
}) {
  const { answered, view, up, low, onDrag, onSettle } = props;
  const { system } = usePreferences();
  const { width, depth } = answered.request.course;
  const lineX = view.x(depth.metres) + 52;
  const lineY = view.y(low) + 44;
  const middleY = view.y((up * width.metres) / 2);
  const middleX = view.x(depth.metres / 2);
  const reach = REACH_PIXELS / view.pixelsPerMetre;
  const text = (metres: number) => lengthText(metres, system);
  const plain = (x: number, y: number, metres: number) => (
    <text
      x={x}
      y={y + 5}
      fill="var(--chalk)"
      textAnchor="middle"
      className="figures"
      fontSize={15}
      paintOrder="stroke"
      stroke="var(--tarmac)"
      strokeWidth={6}
    >
      {text(metres)}
    </text>
  );
  const limit = (name: Dragged) => props.limits?.find((d) => d.name === `${name}Metres`);
  const handle = (name: Dragged) => {
    const range = limit(name);
    if (onDrag === undefined || onSettle === undefined || range === undefined) return null;
    const across = name === 'width';
    const rungs = across ? (props.rungs ?? []) : [];
    return (
      <DragHandle
        x={across ? lineX : view.x(depth.metres)}
        y={across ? view.y(up * width.metres) : lineY}
        name={across ? 'Drag the width' : 'Drag the depth'}
        metres={across ? width.metres : depth.metres}
        min={range.minMetres}
        max={range.maxMetres}
        along={across ? 'y' : 'x'}
        at={(x, y) => (across ? up * view.metresY(y) : view.metresX(x))}
        onChange={(m) => onDrag(name, snapped(m, rungs, reach))}
        onCommit={(m) => void onSettle(name, `${snapped(m, rungs, reach).toFixed(2)} m`)}
      />
    );
  };
  return (
    <>
      <DimensionLine x1={lineX} y1={view.y(0)} x2={lineX} y2={view.y(up * width.metres)} />
      <DimensionLine x1={view.x(0)} y1={lineY} x2={view.x(depth.metres)} y2={lineY} />
      {handle('width')}
      {handle('depth')}
      {onSettle ? (
        <>
          <DimensionFigure
            x={middleX}
            y={lineY}
            name="Depth"
            text={text(depth.metres)}
            typed={typedLength(depth.metres, system)}
            onType={(t) => onSettle('depth', t)}
          />
          <DimensionFigure
            x={lineX}
            y={middleY}
            name="Width"
            text={text(width.metres)}
            typed={typedLength(width.metres, system)}
            onType={(t) => onSettle('width', t)}
          />
        </>
      ) : (
        <>
          {plain(middleX, lineY, depth.metres)}
          {plain(lineX, middleY, width.metres)}
        </>
      )}
    </>
  );
}

/** The room at the line that binds, led out from the spot. */
function Leader(props: { evaluation: Evaluation; view: View; farX: number; exitY: number }) {
  const { evaluation, view } = props;
  const { system } = usePreferences();
  const fit = evaluation.pairs[0]?.asSet;
  const front = evaluation.drawn?.front;
  if (fit === undefined || front === undefined) return null;
  const far = fit.bindingLine === 'far line';
  const reach = (p: { x: number; y: number }) => (far ? p.x : p.y * Math.sign(props.exitY));
  const spot = front.reduce((best, p) => (reach(p) > reach(best) ? p : best));
  const wall = far ? { x: props.farX, y: spot.y } : { x: spot.x, y: props.exitY };
  const label = {
    x: view.x(spot.x) + (far ? -150 : -96),
    y: view.y(spot.y) + (far ? 0 : 40 * Math.sign(props.exitY)),
  };
  return (
    <g aria-hidden="true">
      <path
        d={`M${view.x(spot.x)} ${view.y(spot.y)}L${view.x(wall.x)} ${view.y(wall.y)}`}
        stroke="var(--plan-cone)"
        strokeWidth={3}
      />
      <path
        d={`M${view.x(spot.x)} ${view.y(spot.y)}L${label.x + 60} ${label.y}`}
        stroke="var(--plan-cone)"
        strokeWidth={1}
      />
      <text
        x={label.x + 56}
        y={label.y + 5}
        textAnchor="end"
        fill="var(--plan-cone)"
        className="figures"
        fontSize={15}
        fontWeight={600}
        paintOrder="stroke"
        stroke="var(--tarmac)"
        strokeWidth={5}
      >
        {lengthText(fit.room.metres, system)}
      </text>
    </g>
  );
}
