import type { Ground, View } from '../../../shared/plan';
import { decimals } from '../../../shared/units';
import type { YardGround } from '../api';
import type { BayRow, Obstacle } from '../model';
import { useKinds } from './kinds';

/** Below this many pixels a metre, words on the ground would cover it. */
export const WORDS_FROM = 9;

const degrees = (radians: number) => (radians * 180) / Math.PI;

/** Where something turned and moved is drawn in its own metres, y up. */
function placed(view: View, x: number, y: number, turn: number) {
  return `translate(${view.x(x)} ${view.y(y)}) rotate(${-degrees(turn)}) scale(${view.pixelsPerMetre} ${-view.pixelsPerMetre})`;
}

export function Bays({ row, view }: { row: BayRow; view: View }) {
  const lines = Array.from({ length: row.count + 1 }, (_, i) => i * row.bayMetres);
  return (
    <path
      aria-hidden="true"
      transform={placed(view, row.xMetres, row.yMetres, row.turnRadians)}
      d={lines.map((x) => `M${x} 0V${row.depthMetres}`).join('')}
      stroke="var(--chalk)"
      strokeWidth={1}
      vectorEffect="non-scaling-stroke"
      opacity={0.6}
      fill="none"
    />
  );
}

export function ObstacleMark({ obstacle: o, view }: { obstacle: Obstacle; view: View }) {
  const { of, called } = useKinds();
  const blocks = of(o.kind)?.blocks === true;
  const clear = o.keepClearMetres;
  return (
    <g>
      <title>{called(o)}</title>
      <g transform={placed(view, o.xMetres, o.yMetres, o.turnRadians)}>
        <rect
          x={-o.lengthMetres / 2 - clear}
          y={-o.widthMetres / 2 - clear}
          width={o.lengthMetres + 2 * clear}
          height={o.widthMetres + 2 * clear}
          fill="none"
          stroke="var(--chalk)"
          strokeDasharray="3 4"
          vectorEffect="non-scaling-stroke"
          opacity={0.7}
        />
        <rect
          x={-o.lengthMetres / 2}
          y={-o.widthMetres / 2}
          width={o.lengthMetres}
          height={o.widthMetres}
          fill={blocks ? 'var(--chalk)' : 'none'}
          stroke="var(--chalk)"
          strokeWidth={1.5}
          vectorEffect="non-scaling-stroke"
        />
      </g>
      {view.pixelsPerMetre >= WORDS_FROM && (
        <text
          x={view.x(o.xMetres)}
          y={view.y(o.yMetres) + (view.y(o.yMetres) > view.height / 2 ? -1 : 1) * 22}
          fill="var(--chalk)"
          fontSize={12}
          textAnchor="middle"
          paintOrder="stroke"
          stroke="var(--tarmac)"
          strokeWidth={3}
        >
          {called(o)}
        </text>
      )}
    </g>
  );
}

/** Which way lies away from the middle of the yard, on the screen. */
function outward(at: Ground, corners: Ground[]) {
  const mx = corners.reduce((s, c) => s + c.x, 0) / corners.length;
  const my = corners.reduce((s, c) => s + c.y, 0) / corners.length;
  const r = Math.hypot(at.x - mx, at.y - my) || 1;
  return { x: (at.x - mx) / r, y: -(at.y - my) / r };
}

export function CornerMark(props: { at: Ground; label: string; corners: Ground[]; view: View }) {
  const { at, view } = props;
  const out = outward(at, props.corners);
  return (
    <text
      x={view.x(at.x) + 16 * out.x}
      y={view.y(at.y) + 16 * out.y + 5}
      fill="var(--chalk)"
      fontSize={15}
      fontWeight={700}
      textAnchor="middle"
    >
      {props.label}
    </text>
  );
}

/** What a side is called, along it on the inside; the yard lies at the left hand, on the screen above a way to the right. */
export function SideName(props: { name: string; side: number; corners: Ground[]; view: View }) {
  const { name, corners, view, side } = props;
  const a = corners[side];
  const b = corners[(side + 1) % corners.length];
  if (a === undefined || b === undefined || name === '') return null;
  const dx = view.x(b.x) - view.x(a.x);
  const dy = view.y(b.y) - view.y(a.y);
  const r = Math.hypot(dx, dy) || 1;
  const turn = degrees(Math.atan2(dy, dx));
  // Upside down it would be read from the other side of the line.
  const over = Math.abs(turn) > 91;
  const x = (view.x(a.x) + view.x(b.x)) / 2 + (dy / r) * (over ? 6 : 8);
  const y = (view.y(a.y) + view.y(b.y)) / 2 - (dx / r) * (over ? 6 : 8);
  return (
    <text
      transform={`translate(${x} ${y}) rotate(${over ? turn + 180 : turn})`}
      dy={over ? 10 : 0}
      fill="var(--chalk)"
      fontSize={13}
      fontStyle="italic"
      textAnchor="middle"
      paintOrder="stroke"
      stroke="var(--tarmac)"
      strokeWidth={4}
    >
      {name}
    </text>
  );
}

export function Entrance({ at, view }: { at: Ground; view: View }) {
  const x = view.x(at.x);
  const y = view.y(at.y);
  return (
    <g aria-hidden="true">
      <circle cx={x} cy={y} r={6} fill="var(--tarmac)" stroke="var(--chalk)" strokeWidth={2} />
      <text
        x={x + (x < view.width / 2 ? -10 : 10)}
        y={y - 10}
        fill="var(--chalk)"
        fontSize={13}
        paintOrder="stroke"
        stroke="var(--tarmac)"
        strokeWidth={4}
        textAnchor={x < view.width / 2 ? 'end' : 'start'}
      >
        way in
      </text>
    </g>
  );
}

export function Fall({
  ground,
  view,
}: {
  ground: Pick<YardGround, 'fallPercent' | 'fallTowardsRadians'>;
  view: View;
}) {
  const x = view.width - 58;
  const y = view.height - 34;
  return (
    <g aria-hidden="true">
      <g transform={`translate(${x} ${y}) rotate(${-degrees(ground.fallTowardsRadians)})`}>
        <path d="M-16 0H16M9 -5L16 0L9 5" stroke="var(--chalk)" strokeWidth={1.8} fill="none" />
      </g>
      <text
        x={x - 26}
        y={y + 5}
        fill="var(--chalk)"
        fontSize={13}
        textAnchor="end"
        paintOrder="stroke"
        stroke="var(--tarmac)"
        strokeWidth={4}
      >
        falls <tspan className="figures">{decimals(ground.fallPercent, 1)}</tspan> %
      </text>
    </g>
  );
}
