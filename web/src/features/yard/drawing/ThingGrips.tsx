import { Grip, type Ground, type View } from '../../../shared/plan';
import type { BayRow, Entrance, Obstacle } from '../model';
import { bayRowDrawn, endsOf, entranceAt, lastLineOf, STEP, stretched } from './drawn';
import { useKinds } from './kinds';

/** One thing that lies on the yard. */
export type Thing = { obstacle: number } | { row: number };

/** The id of its fields in the form. */
export const fieldsOf = (thing: Thing) =>
  'row' in thing ? `bays-${thing.row}` : `obstacle-${thing.obstacle}`;

export const isSame = (a: Thing | undefined, b: Thing) =>
  a !== undefined && JSON.stringify(a) === JSON.stringify(b);

/** Obstacles, rows of bays and the way in, moved over the yard; the chosen one is drawn out by its ends too. */
export function ThingGrips(props: {
  yard: { obstacles: Obstacle[]; rows: BayRow[]; entrance: Ground | undefined; corners: Ground[] };
  view: View;
  chosen: Thing | undefined;
  onChoose: (thing: Thing) => void;
  /** While one is moved, and where it is let go. */
  onObstacle: (index: number, to: Obstacle, dropped: boolean) => void;
  onRow: (index: number, to: BayRow, dropped: boolean) => void;
  onEntrance: (to: Entrance, dropped: boolean) => void;
  onRemove: (thing: Thing) => void;
}) {
  const { view, chosen } = props;
  const { obstacles, rows, entrance, corners } = props.yard;
  const { called } = useKinds();
  return (
    <>
      {rows.map((row, index) => {
        const length = row.count * row.bayMetres;
        const thing = { row: index };
        return (
          <Moved
            key={`row${index}`}
            view={view}
            at={{ x: row.xMetres, y: row.yMetres }}
            name={`Row of ${row.count} bays: drag, or move with the arrow keys; Delete removes it`}
            press={{ pressed: isSame(chosen, thing), onPress: () => props.onChoose(thing) }}
            onDelete={() => props.onRemove(thing)}
            onMove={(to, dropped) => props.onRow(index, { ...row, xMetres: to.x, yMetres: to.y }, dropped)}
          >
            <Area
              view={view}
              at={{ x: row.xMetres, y: row.yMetres }}
              turn={row.turnRadians}
              box={{ x: 0, y: 0, width: length, height: row.depthMetres }}
              chosen={isSame(chosen, thing)}
            />
          </Moved>
        );
      })}
      {obstacles.map((o, index) => {
        const thing = { obstacle: index };
        const { lengthMetres: l, widthMetres: w } = o;
        return (
          <Moved
            key={`obstacle${index}`}
            view={view}
            at={{ x: o.xMetres, y: o.yMetres }}
            name={`${called(o)}: drag, or move with the arrow keys; Delete removes it`}
            press={{ pressed: isSame(chosen, thing), onPress: () => props.onChoose(thing) }}
            onDelete={() => props.onRemove(thing)}
            onMove={(to, dropped) => props.onObstacle(index, { ...o, xMetres: to.x, yMetres: to.y }, dropped)}
          >
            <Area
              view={view}
              at={{ x: o.xMetres, y: o.yMetres }}
              turn={o.turnRadians}
              box={{ x: -l / 2, y: -w / 2, width: l, height: w }}
              chosen={isSame(chosen, thing)}
            />
          </Moved>
        );
      })}
      {entrance && (
        <Moved
          view={view}
          at={entrance}
          name="The way in: drag along the sides, or move with the arrow keys"
          onMove={(to, dropped) => props.onEntrance(entranceAt(to, corners), dropped)}
        >
          <circle cx={view.x(entrance.x)} cy={view.y(entrance.y)} r={16} fill="transparent" />
        </Moved>
      )}
      <Ends {...props} called={called} />
    </>
  );
}

/** The handles at the ends of what is chosen. */
function Ends(props: Parameters<typeof ThingGrips>[0] & { called: (o: Obstacle) => string }) {
  const { chosen, view } = props;
  if (chosen === undefined) return null;
  if ('row' in chosen) {
    const row = props.yard.rows[chosen.row];
    if (row === undefined) return null;
    const first = { x: row.xMetres, y: row.yMetres };
    return (
      <End
        view={view}
        at={lastLineOf(row)}
        from={first}
        name="Last line of this row: drag, or move with the arrow keys"
        onMove={(to, dropped) => props.onRow(chosen.row, bayRowDrawn(row, first, to), dropped)}
      />
    );
  }
  const obstacle = props.yard.obstacles[chosen.obstacle];
  if (obstacle === undefined) return null;
  const [from, to] = endsOf(obstacle);
  const end = (at: Ground, other: Ground, which: string, forwards: boolean) => (
    <End
      view={view}
      at={at}
      from={other}
      name={`${which} end of ${props.called(obstacle)}: drag, or move with the arrow keys`}
      onMove={(there, dropped) =>
        props.onObstacle(
          chosen.obstacle,
          { ...obstacle, ...(forwards ? stretched(other, there) : stretched(there, other)) },
          dropped,
        )
      }
    />
  );
  return (
    <>
      {end(from, to, 'One', false)}
      {end(to, from, 'Other', true)}
    </>
  );
}

/** A handle stands so many pixels beyond its end, so that something small can still be taken hold of between them. */
const BEYOND = 16;

function End(props: {
  view: View;
  at: Ground;
  /** The other end. */
  from: Ground;
  name: string;
  onMove: (to: Ground, dropped: boolean) => void;
}) {
  const { view, at, from, name, onMove } = props;
  const length = Math.hypot(at.x - from.x, at.y - from.y) || 1;
  const x = view.x(at.x) + (BEYOND * (at.x - from.x)) / length;
  const y = view.y(at.y) - (BEYOND * (at.y - from.y)) / length;
  return (
    <Moved view={view} at={at} name={name} onMove={onMove}>
      <circle cx={x} cy={y} r={14} fill="transparent" />
      <circle cx={x} cy={y} r={6} fill="var(--cone)" stroke="var(--chalk)" strokeWidth={2} />
    </Moved>
  );
}

function Moved(
  props: Omit<Parameters<typeof Grip>[0], 'step' | 'onChange' | 'onCommit'> & {
    onMove: (to: Ground, dropped: boolean) => void;
  },
) {
  const { onMove, ...grip } = props;
  return (
    <Grip {...grip} step={STEP} onChange={(to) => onMove(to, false)} onCommit={(to) => onMove(to, true)} />
  );
}

/** Where something can be taken hold of: all it covers, and never less than a fingertip. */
function Area(props: {
  view: View;
  at: Ground;
  turn: number;
  box: { x: number; y: number; width: number; height: number };
  chosen: boolean;
}) {
  const { view, box } = props;
  const scale = view.pixelsPerMetre;
  const width = Math.max(24, box.width * scale);
  const height = Math.max(24, box.height * scale);
  const middle = { x: (box.x + box.width / 2) * scale, y: -(box.y + box.height / 2) * scale };
  return (
    <g
      transform={`translate(${view.x(props.at.x)} ${view.y(props.at.y)}) rotate(${(-props.turn * 180) / Math.PI})`}
    >
      <rect
        x={middle.x - width / 2}
        y={middle.y - height / 2}
        width={width}
        height={height}
        fill="transparent"
        stroke={props.chosen ? 'var(--cone)' : 'none'}
        strokeWidth={2}
      />
    </g>
  );
}
