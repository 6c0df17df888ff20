import { useRef, useState, type ReactNode } from 'react';
import { Button } from '../ui';
import { arrowWay, closerView, within, type Bounds, type Closer, type Ground, type View } from './view';

/** A drawing with fewer pixels to a metre hides what stands close together: then it can be looked at closer. */
const COARSE = 12;
/** Pixels to a metre beyond which nothing more is to be seen. */
const FINEST = 60;
const STEP = 2;
/** How far an arrow key moves the drawing, as a share of what is in view. */
const NUDGE = 0.25;

/**
 * A closer look at part of a coarse drawing: the view of it, buttons for closer and farther, and what makes the drawing
 * movable. Seen whole it is as without.
 */
export function useCloser(
  whole: View | undefined,
  of: { bounds: Bounds; at: Ground | undefined } | undefined,
): { view: View | undefined; buttons: ReactNode; movable: (drawn: ReactNode) => ReactNode } {
  const [closer, setCloser] = useState<Closer>();
  if (whole === undefined || of === undefined || whole.pixelsPerMetre >= COARSE)
    return { view: whole, buttons: null, movable: (drawn) => drawn };
  const view = closer ? closerView(whole, closer) : whole;
  const look = (times: number, middle: Ground) =>
    setCloser(times > 1 ? { times, middle: within(middle, of.bounds) } : undefined);
  const times = closer?.times ?? 1;
  const middle = closer?.middle ??
    of.at ?? { x: view.metresX(view.width / 2), y: view.metresY(view.height / 2) };
  return {
    view,
    buttons: (
      <div className="absolute top-2 right-2 flex gap-2">
        {closer && (
          <Button className="min-h-11" onClick={() => look(times / STEP, middle)}>
            Zoom out
          </Button>
        )}
        <Button
          className="min-h-11"
          disabled={view.pixelsPerMetre * STEP > FINEST}
          onClick={() => look(times * STEP, middle)}
        >
          Zoom in
        </Button>
      </div>
    ),
    movable: (drawn) =>
      closer ? (
        <Movable view={view} middle={middle} onMove={(to) => look(times, to)}>
          {drawn}
        </Movable>
      ) : (
        drawn
      ),
  };
}

/**
 * The ground of a drawing that shows a part only, with all that is drawn on it: dragged, or moved with the arrow keys,
 * another part comes in view. What can be dragged by itself is not the ground.
 */
function Movable(props: {
  view: View;
  middle: Ground;
  onMove: (middle: Ground) => void;
  children: ReactNode;
}) {
  const { view, middle, onMove } = props;
  const begun = useRef<{ x: number; y: number; middle: Ground }>(undefined);
  const ground = useRef<SVGRectElement>(null);
  return (
    <g
      className="cursor-grab touch-none"
      onPointerDown={(e) => {
        const held = e.target instanceof Element ? e.target.closest('[tabindex]') : null;
        if (held !== null && held !== ground.current) return;
        begun.current = { x: e.clientX, y: e.clientY, middle };
        e.currentTarget.setPointerCapture(e.pointerId);
      }}
      onPointerMove={(e) => {
        const from = begun.current;
        if (from === undefined) return;
        onMove({
          x: from.middle.x - (e.clientX - from.x) / view.pixelsPerMetre,
          y: from.middle.y + (e.clientY - from.y) / view.pixelsPerMetre,
        });
      }}
      onPointerUp={() => {
        begun.current = undefined;
      }}
    >
      <rect
        ref={ground}
        role="button"
        tabIndex={0}
        aria-label="The drawing: drag, or move with the arrow keys"
        width={view.width}
        height={view.height}
        fill="transparent"
        onKeyDown={(e) => {
          const way = arrowWay(e.key);
          if (way === undefined) return;
          e.preventDefault();
          const step = (NUDGE * Math.min(view.width, view.height)) / view.pixelsPerMetre;
          onMove({ x: middle.x + way[0] * step, y: middle.y + way[1] * step });
        }}
      />
      {props.children}
    </g>
  );
}
