import {
  DimensionFigure,
  DimensionLine,
  DragHandle,
  NARROW,
  type Ground,
  type View,
} from '../../../shared/plan';
import { lengthText, typedLength, usePreferences } from '../../../shared/units';
import type { Length } from '../../length';
import type { YardGround } from '../api';
import { letter } from '../model';

type Outline = YardGround['outline'];

/** One length of an outline. */
export type Part = { side: number } | { diagonal: number };

/** How far outside the yard its lengths are drawn, in pixels: farther beside it than below, as figures are wide. */
const away = (view: View, out: Ground) =>
  view.width < NARROW ? 16 + 16 * Math.abs(out.x) : 28 + 22 * Math.abs(out.x);

/** Where along its line the figure of each diagonal stands: off the middle, where others cross it, and apart. */
const ALONG = [0.4, 0.58, 0.3, 0.68];

/** A line shorter than this has no room for its figure, in pixels: it stands farther out. */
const SHORT = 90;
const HALF_FIGURE = 46;
const HALF_SMALL = 32;

/** A length as it is read; of one that is only drawn, roughly. */
export const about = ({ method }: Length, text: string) => (method === 'DRAWN' ? `≈ ${text}` : text);

/** The lengths of an outline beside what they measure, to be clicked and typed. */
export function Dimensions(props: {
  outline: Outline;
  /** Whether it is a rectangle, of which two lengths say all; they can be dragged too. */
  rectangle: boolean;
  corners: Ground[];
  view: View;
  onType: (part: Part, text: string) => Promise<string | undefined>;
  /** A length of a rectangle while it is dragged, and where it is let go. */
  onDrag: (side: number, metres: number) => void;
  onDrop: (side: number, metres: number) => void;
}) {
  const { outline, corners, view } = props;
  const n = corners.length;
  const name = (from: number, to: number) => `${letter(from)} to ${letter(to)}`;
  return (
    <>
      {outline.diagonals.map((d, i) => {
        const from = corners[d.from];
        const to = corners[d.to];
        return (
          from &&
          to && (
            <Across
              key={i}
              name={name(d.from, d.to)}
              length={d.length}
              at={ALONG[i % ALONG.length] ?? 0.5}
              from={from}
              to={to}
              view={view}
              onType={(text) => props.onType({ diagonal: i }, text)}
            />
          )
        );
      })}
      {outline.sides.map((length, i) => {
        const from = corners[i];
        const to = corners[(i + 1) % n];
        return (
          from &&
          to &&
          (!props.rectangle || i < 2) && (
            <Along
              key={i}
              name={name(i, (i + 1) % n)}
              length={length}
              from={from}
              to={to}
              view={view}
              onType={(text) => props.onType({ side: i }, text)}
              {...(props.rectangle && {
                onDrag: (metres: number) => props.onDrag(i, metres),
                onDrop: (metres: number) => props.onDrop(i, metres),
              })}
            />
          )
        );
      })}
    </>
  );
}

interface One {
  name: string;
  length: Length;
  from: Ground;
  to: Ground;
  view: View;
  onType: (text: string) => Promise<string | undefined>;
}

function Figure(props: One & { x: number; y: number }) {
  const { system } = usePreferences();
  const { length, view } = props;
  const small = view.width < NARROW;
  const half = small ? HALF_SMALL : HALF_FIGURE;
  return (
    <DimensionFigure
      small={small}
      x={Math.min(Math.max(props.x, half), view.width - half)}
      y={Math.min(Math.max(props.y, 15), view.height - 15)}
      name={props.name}
      text={about(length, lengthText(length.metres, system))}
      typed={typedLength(length.metres, system)}
      onType={props.onType}
    />
  );
}

/** A side: the yard lies at the left hand, so that on the screen its outside is at the right of the way. */
function Along(props: One & { onDrag?: (metres: number) => void; onDrop?: (metres: number) => void }) {
  const { from, to, view } = props;
  const x1 = view.x(from.x);
  const y1 = view.y(from.y);
  const x2 = view.x(to.x);
  const y2 = view.y(to.y);
  const pixels = Math.hypot(x2 - x1, y2 - y1) || 1;
  const out = { x: -(y2 - y1) / pixels, y: (x2 - x1) / pixels };
  const line = away(view, out);
  const figure = pixels < SHORT && Math.abs(out.y) > Math.abs(out.x) ? line + 26 : line;
  const perPixel = 1 / view.pixelsPerMetre;
  return (
    <>
      <DimensionLine
        x1={x1 + line * out.x}
        y1={y1 + line * out.y}
        x2={x2 + line * out.x}
        y2={y2 + line * out.y}
      />
      {props.onDrag && props.onDrop && (
        <DragHandle
          at={{ x: x2 + line * out.x, y: y2 + line * out.y }}
          name={`Drag ${props.name}`}
          metres={props.length.metres}
          range={{ min: 1, max: 1000 }}
          along={Math.abs(out.y) > Math.abs(out.x) ? 'x' : 'y'}
          perPixel={{ x: ((x2 - x1) / pixels) * perPixel, y: ((y2 - y1) / pixels) * perPixel }}
          onChange={props.onDrag}
          onCommit={props.onDrop}
        />
      )}
      <Figure {...props} x={(x1 + x2) / 2 + figure * out.x} y={(y1 + y2) / 2 + figure * out.y} />
    </>
  );
}

/** A diagonal, with its figure at a share of its length. */
function Across(props: One & { at: number }) {
  const { from, to, view } = props;
  const x1 = view.x(from.x);
  const y1 = view.y(from.y);
  const x2 = view.x(to.x);
  const y2 = view.y(to.y);
  return (
    <>
      <path
        aria-hidden="true"
        d={`M${x1} ${y1}L${x2} ${y2}`}
        stroke="var(--chalk)"
        strokeWidth={1.2}
        strokeDasharray="8 5"
        opacity={0.8}
        fill="none"
      />
      <Figure {...props} x={x1 + props.at * (x2 - x1)} y={y1 + props.at * (y2 - y1)} />
    </>
  );
}
