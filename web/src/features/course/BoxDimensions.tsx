import { DimensionFigure, DimensionLine, DragHandle, type View } from '../../shared/plan';
import { lengthText, typedLength, usePreferences } from '../../shared/units';
import type { CourseKind } from './api';
import { snapped } from './model';
import type { Answered } from './useEvaluation';

/** How near a rung a drag has to come to snap to it, in pixels. */
const REACH_PIXELS = 7;

export type Dragged = 'width' | 'depth';

/** Width and depth outside the box; clicked and typed, or dragged, where that is asked for. */
export function BoxDimensions(props: {
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
  const lineX = view.x(depth.metres) + 42;
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
