import { useState } from 'react';
import { Grip, pathOf, type Ground, type View } from '../../../shared/plan';
import { lengthText, usePreferences } from '../../../shared/units';
import { letter, MOST_SIDES } from '../model';
import { cornerStep } from './drawn';

/** A corner that is being moved, or put into the side before it. */
interface Held {
  index: number;
  fresh: boolean;
  at: Ground;
}

/** Corners that are moved, put in between two others, or taken away. */
export function CornerGrips(props: {
  corners: Ground[];
  view: View;
  onMove: (index: number, to: Ground) => void;
  /** Put in as the one with this number. */
  onAdd: (index: number, at: Ground) => void;
  onRemove: (index: number) => void;
}) {
  const { corners, view } = props;
  const { system } = usePreferences();
  const [held, setHeld] = useState<Held>();
  const step = cornerStep(view, system);
  const n = corners.length;
  const shape = held && corners.toSpliced(held.index, held.fresh ? 0 : 1, held.at);
  return (
    <>
      {shape && held && <Preview shape={shape} index={held.index} view={view} />}
      {n < MOST_SIDES &&
        corners.map((c, i) => {
          const next = corners[(i + 1) % n] ?? c;
          const middle = { x: (c.x + next.x) / 2, y: (c.y + next.y) / 2 };
          const index = i + 1;
          const here = held?.fresh && held.index === index ? held.at : middle;
          return (
            <Grip
              key={`add${i}`}
              view={view}
              at={middle}
              name={`Add a corner between ${letter(i)} and ${letter((i + 1) % n)}: drag it out, or with the arrow keys`}
              step={step}
              onChange={(at) => setHeld({ index, fresh: true, at })}
              onCommit={(at) => {
                setHeld(undefined);
                props.onAdd(index, at);
              }}
            >
              <Dot at={here} view={view} radius={6} hollow />
            </Grip>
          );
        })}
      {corners.map((c, i) => (
        <Grip
          key={i}
          view={view}
          at={c}
          name={`Corner ${letter(i)}: drag, or move with the arrow keys${n > 3 ? '; Delete removes it' : ''}`}
          step={step}
          onChange={(at) => setHeld({ index: i, fresh: false, at })}
          onCommit={(at) => {
            setHeld(undefined);
            props.onMove(i, at);
          }}
          {...(n > 3 && { onDelete: () => props.onRemove(i) })}
        >
          <Dot at={held && !held.fresh && held.index === i ? held.at : c} view={view} radius={9} />
        </Grip>
      ))}
    </>
  );
}

function Dot(props: { at: Ground; view: View; radius: number; hollow?: boolean }) {
  const x = props.view.x(props.at.x);
  const y = props.view.y(props.at.y);
  return (
    <>
      <circle cx={x} cy={y} r={props.hollow ? 15 : 22} fill="transparent" />
      <circle
        cx={x}
        cy={y}
        r={props.radius}
        fill={props.hollow ? 'var(--tarmac)' : 'var(--cone)'}
        stroke="var(--chalk)"
        strokeWidth={2}
      />
      {props.hollow && (
        <path d={`M${x - 3} ${y}h6M${x} ${y - 3}v6`} stroke="var(--chalk)" strokeWidth={1.5} />
      )}
    </>
  );
}

/** The outline as it would be, with the lengths of the two sides at the corner. */
function Preview({ shape, index, view }: { shape: Ground[]; index: number; view: View }) {
  const n = shape.length;
  const ends = [shape[(index + n - 1) % n], shape[(index + 1) % n]];
  const at = shape[index];
  return (
    <g pointerEvents="none">
      <path
        d={`${pathOf(shape, view)}Z`}
        fill="none"
        stroke="var(--cone)"
        strokeWidth={2}
        strokeDasharray="6 4"
      />
      {ends.map((end, i) => end && at && <LengthBetween key={i} from={end} to={at} view={view} />)}
    </g>
  );
}

/** How long it is from one place to another, written in the middle. */
export function LengthBetween({ from, to, view }: { from: Ground; to: Ground; view: View }) {
  const { system } = usePreferences();
  return (
    <text
      x={(view.x(from.x) + view.x(to.x)) / 2}
      y={(view.y(from.y) + view.y(to.y)) / 2 - 6}
      fill="var(--chalk)"
      className="figures"
      fontSize={14}
      textAnchor="middle"
      paintOrder="stroke"
      stroke="var(--tarmac)"
      strokeWidth={5}
    >
      {lengthText(Math.hypot(to.x - from.x, to.y - from.y), system)}
    </text>
  );
}
