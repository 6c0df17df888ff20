import { Tarmac, type Bounds, type View } from '../../shared/plan';
import type { ChangeOver } from './api';
import { keyOf, toDo, type Move } from './moves';

const MARGIN = { x: 40, y: 40 };

/** Cones as they stand hollow, as they will stand filled, arrows numbered as the list. */
export function ChangeOverDrawing({ change }: { change: ChangeOver }) {
  const done = toDo(change);
  return (
    <Tarmac
      label="Drawing of the change-over"
      className="h-[28rem]"
      bounds={boundsOf(change)}
      margin={MARGIN}
    >
      {(view) => (
        <>
          <Stack view={view} />
          {change.steps.map((s) => (
            <Cones key={keyOf(s)} step={s} view={view} />
          ))}
          {done.map((s, i) => (
            <Arrow key={keyOf(s)} step={s} number={i + 1} view={view} />
          ))}
        </>
      )}
    </Tarmac>
  );
}

function Stack({ view }: { view: View }) {
  return (
    <g aria-hidden="true">
      <path
        d={`M${view.x(0) - 9} ${view.y(0)}h18M${view.x(0)} ${view.y(0) - 9}v18`}
        stroke="var(--chalk)"
        strokeWidth={2}
      />
      <text x={view.x(0)} y={view.y(0) + 26} fill="var(--chalk)" fontSize={13} textAnchor="middle">
        datum, stack
      </text>
    </g>
  );
}

function Cones({ step, view }: { step: Move; view: View }) {
  const r = step.sort === 'TALL' ? 7 : 5;
  return (
    <g aria-hidden="true" stroke="var(--plan-cone)" strokeWidth={2}>
      {step.doing !== 'COMES' && (
        <circle cx={view.x(step.from.x)} cy={view.y(step.from.y)} r={r} fill="none" strokeDasharray="3 2" />
      )}
      {step.doing !== 'GOES' && (
        <circle cx={view.x(step.to.x)} cy={view.y(step.to.y)} r={r} fill="var(--plan-cone)" />
      )}
    </g>
  );
}

function Arrow({ step, number, view }: { step: Move; number: number; view: View }) {
  const from = { x: view.x(step.from.x), y: view.y(step.from.y) };
  const to = { x: view.x(step.to.x), y: view.y(step.to.y) };
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const short = step.doing === 'MOVES' ? Math.max(0, length - 9) / length : 0;
  const tip = { x: from.x + (to.x - from.x) * short, y: from.y + (to.y - from.y) * short };
  const angle = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  const at =
    step.doing === 'MOVES'
      ? { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
      : step.doing === 'GOES'
        ? from
        : to;
  return (
    <g aria-hidden="true">
      {step.doing === 'MOVES' && (
        <>
          <path d={`M${from.x} ${from.y}L${tip.x} ${tip.y}`} stroke="var(--chalk)" strokeWidth={1.5} />
          <path
            d="M-7 -4L0 0L-7 4"
            transform={`translate(${tip.x} ${tip.y}) rotate(${angle})`}
            stroke="var(--chalk)"
            strokeWidth={1.8}
            fill="none"
          />
        </>
      )}
      <text
        x={at.x + 12}
        y={at.y - 8}
        fill="var(--chalk)"
        className="figures"
        fontSize={14}
        fontWeight={600}
        textAnchor="middle"
        paintOrder="stroke"
        stroke="var(--tarmac)"
        strokeWidth={4}
      >
        {step.doing === 'COMES' ? `+${number}` : step.doing === 'GOES' ? `−${number}` : number}
      </text>
    </g>
  );
}

function boundsOf(change: ChangeOver): Bounds {
  const points = [{ x: 0, y: 0 }, ...change.steps.flatMap((s) => [s.from, s.to])];
  return {
    minX: Math.min(...points.map((p) => p.x)) - 0.5,
    maxX: Math.max(...points.map((p) => p.x)) + 0.5,
    minY: Math.min(...points.map((p) => p.y)) - 0.5,
    maxY: Math.max(...points.map((p) => p.y)) + 0.5,
  };
}
