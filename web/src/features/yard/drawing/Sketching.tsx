import { useState } from 'react';
import { DrawOn, Tarmac, evenly, pathOf, type Ground, type View } from '../../../shared/plan';
import { lengthText, usePreferences } from '../../../shared/units';
import { Button } from '../../../shared/ui';
import { MOST_SIDES } from '../model';
import { LengthBetween } from './CornerGrips';
import { cornerStep } from './drawn';
import { IN_VIEW } from './YardDrawing';

/** How much ground is drawn on, from left to right, in metres; more of it where a yard is larger. */
const WIDTHS = [60, 120, 240, 480];
const SHAPE = 2 / 3;

/** The first corner again is pointed at within so many pixels. */
const AGAIN = 16;

/** Empty ground on which an outline is drawn, corner by corner. */
export function Sketching(props: {
  corners: Ground[];
  /** Whether some of it is typed already. */
  begun: boolean;
  onCorners: (corners: Ground[]) => void;
  /** All round. */
  onClose: () => void;
  /** Why it could not be closed. */
  refused: string | undefined;
}) {
  const { corners } = props;
  const { system } = usePreferences();
  const [size, setSize] = useState(0);
  const width = WIDTHS[size] ?? 60;
  const closable = corners.length >= 3;
  const put = (at: Ground, view: View) => {
    const [first] = corners;
    const last = corners.at(-1);
    if (first && closable && pixelsBetween(first, at, view) < AGAIN) props.onClose();
    else if (last && pixelsBetween(last, at, view) < 1) return;
    else if (corners.length < MOST_SIDES) props.onCorners([...corners, at]);
  };
  return (
    <>
      <div className="flex flex-wrap items-center gap-2">
        <Button kind={closable ? 'primary' : 'plain'} disabled={!closable} onClick={props.onClose}>
          Close the outline
        </Button>
        <Button disabled={corners.length === 0} onClick={() => props.onCorners(corners.slice(0, -1))}>
          Remove last corner
        </Button>
        <Button disabled={size === WIDTHS.length - 1} onClick={() => setSize(size + 1)}>
          Larger ground
        </Button>
        <Button disabled={size === 0} onClick={() => setSize(size - 1)}>
          Smaller ground
        </Button>
      </div>
      <p className="text-sm text-soft" aria-live="polite">
        {corners.length === 0
          ? props.begun
            ? 'Some lengths are still missing: type them, or click the corners of the yard instead.'
            : 'Click the corners of the yard one after another, roughly: they are taped afterwards. Or type the lengths of its sides.'
          : closable
            ? `${corners.length} corners. Click the first again to close the outline.`
            : `${corners.length === 1 ? 'One corner' : 'Two corners'}. Go on to the next.`}
      </p>
      {props.refused !== undefined && (
        <p role="alert" className="text-brick">
          {props.refused}
        </p>
      )}
      <Tarmac
        label="Ground to draw the yard on"
        className={IN_VIEW}
        margin={() => evenly(8, 8)}
        bounds={() => ({ minX: 0, maxX: width, minY: 0, maxY: width * SHAPE })}
      >
        {(view) => (
          <>
            <Put corners={corners} view={view} />
            <DrawOn
              view={view}
              step={cornerStep(view, system)}
              ends={false}
              name="The ground: the arrow keys move the cross, Enter puts down a corner"
              onPut={(at) => put(at, view)}
            >
              {(cross) => <Next last={corners.at(-1)} cross={cross} view={view} />}
            </DrawOn>
          </>
        )}
      </Tarmac>
    </>
  );
}

/** The corners that are put down already, and the sides between them. */
function Put({ corners, view }: { corners: Ground[]; view: View }) {
  return (
    <g pointerEvents="none">
      <path d={pathOf(corners, view)} stroke="var(--chalk)" strokeWidth={2.5} fill="none" />
      {corners.slice(1).map((c, i) => {
        const before = corners[i];
        return before && <LengthBetween key={i} from={before} to={c} view={view} />;
      })}
      {corners.map((c, i) => (
        <circle
          key={i}
          cx={view.x(c.x)}
          cy={view.y(c.y)}
          r={i === 0 ? 9 : 5}
          fill="var(--cone)"
          stroke="var(--chalk)"
          strokeWidth={2}
        />
      ))}
    </g>
  );
}

/** The side that would come next, and where its end would be. */
function Next({ last, cross, view }: { last: Ground | undefined; cross: Ground; view: View }) {
  const { system } = usePreferences();
  return (
    <>
      {last && (
        <path d={pathOf([last, cross], view)} stroke="var(--cone)" strokeWidth={2} strokeDasharray="6 4" />
      )}
      {last && pixelsBetween(last, cross, view) > 30 && <LengthBetween from={last} to={cross} view={view} />}
      <text
        x={view.x(cross.x) + 14}
        y={view.y(cross.y) + 22}
        fill="var(--chalk)"
        className="figures"
        fontSize={12}
        role="status"
      >
        {lengthText(cross.x, system)} · {lengthText(cross.y, system)}
      </text>
    </>
  );
}

function pixelsBetween(a: Ground, b: Ground, view: View): number {
  return Math.hypot(b.x - a.x, b.y - a.y) * view.pixelsPerMetre;
}
