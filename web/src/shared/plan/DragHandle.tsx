import { useRef, type PointerEvent } from 'react';
import { lengthText, usePreferences } from '../units';

/** A handle that drags a dimension; with the keyboard, arrows move it by a centimetre, with Shift by ten. */
export function DragHandle(props: {
  x: number;
  y: number;
  name: string;
  metres: number;
  min: number;
  max: number;
  along: 'x' | 'y';
  /** Metres for a pixel dragged right, and for a pixel dragged down. */
  perPixel: { x: number; y: number };
  onChange: (metres: number) => void;
  onCommit: (metres: number) => void;
}) {
  const { system } = usePreferences();
  // Where the drag began, and with which metres: what is dragged may move under the pointer meanwhile.
  const begun = useRef<{ x: number; y: number; metres: number; perPixel: { x: number; y: number } }>(
    undefined,
  );
  const metresAt = (e: PointerEvent<SVGGElement>) => {
    const from = begun.current;
    if (from === undefined) return props.metres;
    const moved = (e.clientX - from.x) * from.perPixel.x + (e.clientY - from.y) * from.perPixel.y;
    return Math.min(props.max, Math.max(props.min, from.metres + moved));
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={props.name}
      aria-valuemin={props.min}
      aria-valuemax={props.max}
      aria-valuenow={Number(props.metres.toFixed(2))}
      aria-valuetext={lengthText(props.metres, system)}
      className={`touch-none ${props.along === 'y' ? 'cursor-ns-resize' : 'cursor-ew-resize'}`}
      onPointerDown={(e) => {
        begun.current = { x: e.clientX, y: e.clientY, metres: props.metres, perPixel: props.perPixel };
        e.currentTarget.setPointerCapture(e.pointerId);
      }}
      onPointerMove={(e) => begun.current && props.onChange(metresAt(e))}
      onPointerUp={(e) => {
        if (begun.current === undefined) return;
        const metres = metresAt(e);
        begun.current = undefined;
        props.onCommit(metres);
      }}
      onKeyDown={(e) => {
        const step = (e.shiftKey ? 0.1 : 0.01) * (['ArrowUp', 'ArrowRight'].includes(e.key) ? 1 : -1);
        if (!['ArrowUp', 'ArrowRight', 'ArrowDown', 'ArrowLeft'].includes(e.key)) return;
        e.preventDefault();
        e.stopPropagation();
        const metres = Math.min(props.max, Math.max(props.min, props.metres + step));
        props.onCommit(Math.round(metres * 100) / 100);
      }}
    >
      <circle cx={props.x} cy={props.y} r={22} fill="transparent" />
      <circle cx={props.x} cy={props.y} r={8} fill="var(--cone)" stroke="var(--chalk)" strokeWidth={2} />
      <path
        d={
          props.along === 'y'
            ? `M${props.x - 3} ${props.y - 2}l3 -3l3 3M${props.x - 3} ${props.y + 2}l3 3l3 -3`
            : `M${props.x - 2} ${props.y - 3}l-3 3l3 3M${props.x + 2} ${props.y - 3}l3 3l-3 3`
        }
        stroke="#fff"
        strokeWidth={1.4}
        fill="none"
      />
    </g>
  );
}
