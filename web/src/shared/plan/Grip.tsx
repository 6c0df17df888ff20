import { useRef, type PointerEvent, type ReactNode } from 'react';
import { arrowed, arrowWay, snappedTo, type Ground, type View } from './view';

/**
 * Something on a plan that is moved over the ground: dragged, or with the arrow keys by a step, with Shift by ten. Where it
 * comes to lie is a multiple of the step.
 */
export function Grip(props: {
  view: View;
  at: Ground;
  name: string;
  /** Metres. */
  step: number;
  /** Whether it is chosen, and what chooses it. */
  press?: { pressed: boolean; onPress: () => void };
  /** While it is moved. */
  onChange: (to: Ground) => void;
  /** Where it is let go. */
  onCommit?: (to: Ground) => void;
  onDelete?: () => void;
  children: ReactNode;
}) {
  const { view, at, step } = props;
  const begun = useRef<{ x: number; y: number; at: Ground }>(undefined);
  const held = useRef<Ground>(undefined);
  const hold = (to: Ground) => {
    held.current = snappedTo(step, to);
    props.onChange(held.current);
  };
  const drop = () => {
    if (held.current !== undefined) props.onCommit?.(held.current);
    held.current = undefined;
  };
  const drag = (e: PointerEvent<SVGGElement>) => {
    const from = begun.current;
    const moved = from && { x: e.clientX - from.x, y: e.clientY - from.y };
    if (from === undefined || moved === undefined || (held.current === undefined && isStill(moved))) return;
    hold({
      x: from.at.x + moved.x / view.pixelsPerMetre,
      y: from.at.y - moved.y / view.pixelsPerMetre,
    });
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={props.name}
      aria-pressed={props.press?.pressed}
      className="cursor-move touch-none"
      onPointerDown={(e) => {
        begun.current = { x: e.clientX, y: e.clientY, at };
        e.currentTarget.setPointerCapture(e.pointerId);
        props.press?.onPress();
      }}
      onPointerMove={drag}
      onPointerUp={() => {
        begun.current = undefined;
        drop();
      }}
      onPointerCancel={() => {
        begun.current = undefined;
        drop();
      }}
      onKeyDown={(e) => {
        if ((e.key === 'Delete' || e.key === 'Backspace') && props.onDelete) {
          e.preventDefault();
          props.onDelete();
          return;
        }
        if (e.key === 'Enter' || e.key === ' ') {
          e.preventDefault();
          props.press?.onPress();
          return;
        }
        const to = arrowed(e, held.current ?? at, step);
        if (to === undefined) return;
        e.preventDefault();
        e.stopPropagation();
        props.press?.onPress();
        hold(to);
      }}
      onKeyUp={(e) => arrowWay(e.key) !== undefined && drop()}
    >
      {props.children}
    </g>
  );
}

/** A press that moved by less was none but a press, in pixels. */
const isStill = ({ x, y }: Ground) => Math.hypot(x, y) < 3;
