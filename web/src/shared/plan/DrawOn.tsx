import { useState, type PointerEvent, type ReactNode } from 'react';
import { arrowed, snappedTo, type Ground, type View } from './view';

/**
 * Ground on which something is put down: pointed at, or drawn from one place to another. With the keyboard, arrows move a
 * cross and Enter puts it down; where it has two ends, Enter once for each.
 */
export function DrawOn(props: {
  view: View;
  name: string;
  /** What is put down lies at multiples of this, in metres. */
  step: number;
  /** Whether what is put down may have two ends. */
  ends: boolean;
  onPut: (from: Ground, to: Ground) => void;
  /** Nothing is put down after all. */
  onLeave?: () => void;
  /** Drawn where it would be put now. */
  children?: (cross: Ground, from: Ground | undefined) => ReactNode;
}) {
  const { view, step } = props;
  const [cross, setCross] = useState<Ground>();
  const [from, setFrom] = useState<Ground>();
  const at = (e: PointerEvent<SVGElement>) => {
    const box = e.currentTarget.ownerSVGElement?.getBoundingClientRect();
    return snappedTo(step, {
      x: view.metresX(e.clientX - (box?.left ?? 0)),
      y: view.metresY(e.clientY - (box?.top ?? 0)),
    });
  };
  const put = (start: Ground, end: Ground) => {
    setFrom(undefined);
    props.onPut(start, end);
  };
  const middle = snappedTo(step, { x: view.metresX(view.width / 2), y: view.metresY(view.height / 2) });
  return (
    <g>
      <rect
        role="button"
        tabIndex={0}
        aria-label={props.name}
        width={view.width}
        height={view.height}
        fill="transparent"
        className="cursor-crosshair touch-none"
        onFocus={() => setCross((before) => before ?? middle)}
        onPointerDown={(e) => {
          const place = at(e);
          e.currentTarget.setPointerCapture(e.pointerId);
          setCross(place);
          if (props.ends) setFrom(place);
        }}
        onPointerMove={(e) => setCross(at(e))}
        onPointerUp={(e) => {
          const place = at(e);
          put(props.ends ? (from ?? place) : place, place);
        }}
        onPointerCancel={() => setFrom(undefined)}
        onPointerLeave={() => from === undefined && setCross(undefined)}
        onKeyDown={(e) => {
          const here = cross ?? middle;
          const to = arrowed(e, here, step);
          if (to !== undefined) {
            e.preventDefault();
            setCross(to);
          } else if (e.key === 'Enter' || e.key === ' ') {
            e.preventDefault();
            if (props.ends && from === undefined) setFrom(here);
            else put(from ?? here, here);
          } else if (e.key === 'Escape') {
            if (from === undefined) props.onLeave?.();
            else setFrom(undefined);
          }
        }}
      />
      {cross && (
        <g pointerEvents="none">
          <path
            aria-hidden="true"
            d={`M${view.x(cross.x) - 11} ${view.y(cross.y)}h22M${view.x(cross.x)} ${view.y(cross.y) - 11}v22`}
            stroke="var(--cone)"
            strokeWidth={2}
          />
          {props.children?.(cross, from)}
        </g>
      )}
    </g>
  );
}
