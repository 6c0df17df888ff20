import { useRef, type PointerEvent } from 'react';
import { lengthText, usePreferences } from '../units';

/** Centimetres by which a key moves a handle: a nudge, a push with Shift, a page. */
const STEPS = { nudge: 1, push: 10, page: 50 };

/** Where a key moves a length, in metres; undefined for any other key. */
function keyed(
  key: string,
  shift: boolean,
  metres: number,
  range: { min: number; max: number },
): number | undefined {
  const by = (centimetres: number) => {
    const moved = Math.round(metres * 100 + centimetres) / 100;
    return Math.min(range.max, Math.max(range.min, moved));
  };
  switch (key) {
    case 'ArrowUp':
    case 'ArrowRight':
      return by(shift ? STEPS.push : STEPS.nudge);
    case 'ArrowDown':
    case 'ArrowLeft':
      return by(shift ? -STEPS.push : -STEPS.nudge);
    case 'PageUp':
      return by(STEPS.page);
    case 'PageDown':
      return by(-STEPS.page);
    case 'Home':
      return range.min;
    case 'End':
      return range.max;
    default:
      return undefined;
  }
}

/**
 * A handle that drags a dimension. With the keyboard, arrows move it by a centimetre, with Shift by ten, Page Up and Page Down
 * by half a metre, Home and End as far as it goes. Every press counts from where the one before left off, however late that is
 * drawn; a length that was keyed is exact.
 */
export function DragHandle(props: {
  /** Where it stands, in pixels. */
  at: { x: number; y: number };
  name: string;
  metres: number;
  /** Least and most, in metres. */
  range: { min: number; max: number };
  along: 'x' | 'y';
  /** Metres for a pixel dragged right, and for a pixel dragged down. */
  perPixel: { x: number; y: number };
  /** While it is moved; exact where it was keyed, else it may snap to what is near. */
  onChange: (metres: number, exact: boolean) => void;
  onCommit: (metres: number, exact: boolean) => void;
}) {
  const { x, y } = props.at;
  const { range } = props;
  const { system } = usePreferences();
  const held = useRef<number>(undefined);
  const settle = () => {
    if (held.current !== undefined) props.onCommit(held.current, true);
    held.current = undefined;
  };
  // Where the drag began, and with which metres: what is dragged may move under the pointer meanwhile.
  const begun = useRef<{ x: number; y: number; metres: number; perPixel: { x: number; y: number } }>(
    undefined,
  );
  const metresAt = (e: PointerEvent<SVGGElement>) => {
    const from = begun.current;
    if (from === undefined) return props.metres;
    const moved = (e.clientX - from.x) * from.perPixel.x + (e.clientY - from.y) * from.perPixel.y;
    return Math.min(range.max, Math.max(range.min, from.metres + moved));
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={props.name}
      aria-valuemin={range.min}
      aria-valuemax={range.max}
      aria-valuenow={Number(props.metres.toFixed(2))}
      aria-valuetext={lengthText(props.metres, system)}
      className={`touch-none ${props.along === 'y' ? 'cursor-ns-resize' : 'cursor-ew-resize'}`}
      onPointerDown={(e) => {
        begun.current = { x: e.clientX, y: e.clientY, metres: props.metres, perPixel: props.perPixel };
        e.currentTarget.setPointerCapture(e.pointerId);
      }}
      onPointerMove={(e) => begun.current && props.onChange(metresAt(e), false)}
      onPointerUp={(e) => {
        if (begun.current === undefined) return;
        const metres = metresAt(e);
        begun.current = undefined;
        props.onCommit(metres, false);
      }}
      onKeyDown={(e) => {
        const metres = keyed(e.key, e.shiftKey, held.current ?? props.metres, range);
        if (metres === undefined) return;
        e.preventDefault();
        e.stopPropagation();
        held.current = metres;
        props.onChange(metres, true);
      }}
      onKeyUp={settle}
      onBlur={settle}
    >
      <circle cx={x} cy={y} r={22} fill="transparent" />
      <circle cx={x} cy={y} r={8} fill="var(--cone)" stroke="var(--chalk)" strokeWidth={2} />
      <path
        d={
          props.along === 'y'
            ? `M${x - 3} ${y - 2}l3 -3l3 3M${x - 3} ${y + 2}l3 3l3 -3`
            : `M${x - 2} ${y - 3}l-3 3l3 3M${x + 2} ${y - 3}l3 3l-3 3`
        }
        stroke="#fff"
        strokeWidth={1.4}
        fill="none"
      />
    </g>
  );
}
