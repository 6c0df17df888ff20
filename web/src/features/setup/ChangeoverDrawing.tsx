import { around, colourOf, evenly, Tarmac, type View } from '../../shared/plan';
import type { Changeover } from './api';
import { keyOf, toDo, type Move } from './moves';

const margin = () => evenly(40, 40);

/** A stretch shorter than this on the drawing has no tip. */
const SHORT = 28;

/** Cones as they stand hollow, as they will stand filled, and the walk between, numbered as the list. */
export function ChangeoverDrawing({ change }: { change: Changeover }) {
  const done = toDo(change);
  return (
    <Tarmac
      label="Drawing of the changeover"
      className="h-[28rem]"
      bounds={() => around([{ x: 0, y: 0 }, ...change.steps.map((c) => c.place)], 0.5)}
      margin={margin}
    >
      {(view) => (
        <>
          <Stack view={view} />
          <Walk walked={done} view={view} />
          {change.steps.map((s, i) => (
            <ConeAt key={keyOf(s, i)} step={s} view={view} />
          ))}
          {done.map(
            (s, i) =>
              s.doing !== 'AT_STACK' && <Numbered key={keyOf(s, i)} step={s} number={i + 1} view={view} />,
          )}
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

function ConeAt({ step, view }: { step: Move; view: View }) {
  const { marker } = step;
  if (marker === undefined) return null;
  const r = marker.sort === 'TALL' ? 7 : 5;
  const goes = step.doing === 'PICK_UP';
  return (
    <circle
      aria-hidden="true"
      cx={view.x(step.place.x)}
      cy={view.y(step.place.y)}
      r={r}
      stroke={colourOf(marker)}
      strokeWidth={2}
      fill={goes ? 'var(--tarmac)' : colourOf(marker)}
      strokeDasharray={goes ? '3 2' : undefined}
    />
  );
}

/** The way from the stack through every stop, with a tip in the middle of each stretch long enough for one. */
function Walk({ walked, view }: { walked: Move[]; view: View }) {
  const points = [{ x: 0, y: 0 }, ...walked.map((s) => s.place)].map((p) => ({
    x: view.x(p.x),
    y: view.y(p.y),
  }));
  return (
    <g aria-hidden="true" stroke="var(--chalk)" fill="none">
      <path
        d={`M${points.map((p) => `${p.x} ${p.y}`).join('L')}`}
        strokeWidth={1.5}
        strokeDasharray="6 4"
        strokeLinejoin="round"
      />
      {points.slice(1).map((to, i) => {
        const from = points[i] ?? to;
        if (Math.hypot(to.x - from.x, to.y - from.y) < SHORT) return null;
        const angle = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
        return (
          <path
            key={i}
            d="M-4 -4L3 0L-4 4"
            transform={`translate(${(from.x + to.x) / 2} ${(from.y + to.y) / 2}) rotate(${angle})`}
            strokeWidth={1.8}
          />
        );
      })}
    </g>
  );
}

function Numbered({ step, number, view }: { step: Move; number: number; view: View }) {
  return (
    <text
      aria-hidden="true"
      x={view.x(step.place.x) + 12}
      y={view.y(step.place.y) - 8}
      fill="var(--chalk)"
      className="figures"
      fontSize={14}
      fontWeight={600}
      textAnchor="middle"
      paintOrder="stroke"
      stroke="var(--tarmac)"
      strokeWidth={4}
    >
      {number}
    </text>
  );
}
