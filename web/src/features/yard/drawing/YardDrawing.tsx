import type { ReactNode } from 'react';
import { around, evenly, NARROW, pathOf, Tarmac, type Ground, type View } from '../../../shared/plan';
import type { YardGround } from '../api';
import { letter } from '../model';
import { Bays, CornerMark, Entrance, Fall, ObstacleMark, SideName } from './YardParts';

/** Room for the corners' letters, and for the lengths of the sides where they are written. */
const margin = () => evenly(34, 40);
const lengthsMargin = (width: number) => (width < NARROW ? evenly(62, 42) : evenly(98, 50));

/** A drawing that stays in view while the form beneath or beside it is filled in. */
export const IN_VIEW = 'h-64 max-lg:sticky max-lg:top-0 max-lg:z-10 shrink-0 lg:h-auto lg:min-h-72 lg:flex-1';

/** The yard in plan: outline with corners, bays, what stands on it, entrance and fall. */
export function YardDrawing(props: {
  corners: Ground[];
  ground: Pick<YardGround, 'obstacles' | 'bayRows' | 'fallPercent' | 'fallTowardsRadians' | 'sideNames'>;
  entrance?: Ground | undefined;
  /** Whether room is kept outside for the lengths of the sides. */
  lengths?: boolean;
  className?: string;
  /** What comes into the middle where a large yard is looked at closer; the middle of the yard without it. */
  closerAt?: Ground | undefined;
  /** Beneath what stands on the yard, and over all of it. */
  children: { under?: (view: View) => ReactNode; over?: (view: View) => ReactNode };
}) {
  const { corners, ground, entrance } = props;
  return (
    <Tarmac
      label="The yard"
      className={props.className ?? 'min-h-96 flex-1'}
      margin={props.lengths ? lengthsMargin : margin}
      bounds={() => around(corners)}
      closer={{ at: props.closerAt }}
    >
      {(view) => (
        <>
          <path
            d={`${pathOf(corners, view)}Z`}
            fill="var(--plan-grid)"
            fillOpacity={0.25}
            stroke="var(--chalk)"
            strokeWidth={2.5}
          />
          {ground.bayRows.map((row, i) => (
            <Bays key={i} row={row} view={view} />
          ))}
          {props.children.under?.(view)}
          {ground.obstacles.map((o, i) => (
            <ObstacleMark key={i} obstacle={o} view={view} />
          ))}
          {corners.map((c, i) => (
            <CornerMark key={i} at={c} label={letter(i)} corners={corners} view={view} />
          ))}
          {ground.sideNames?.map((name, i) => (
            <SideName key={i} name={name} side={i} corners={corners} view={view} />
          ))}
          {entrance && <Entrance at={entrance} view={view} />}
          {ground.fallPercent > 0 && <Fall ground={ground} view={view} />}
          {props.children.over?.(view)}
        </>
      )}
    </Tarmac>
  );
}
