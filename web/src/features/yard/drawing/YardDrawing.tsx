import type { ReactNode } from 'react';
import { around, evenly, pathOf, Tarmac, type Ground, type View } from '../../../shared/plan';
import type { YardGround } from '../api';
import { letter } from '../model';
import { Bays, CornerMark, Entrance, Fall, ObstacleMark, SideLength } from './YardParts';

/** Room for the corners' letters, and for the lengths of the sides where they are written. */
const margin = () => evenly(34, 40);
const lengthsMargin = () => evenly(80, 46);

/** The yard in plan: outline with corners and lengths, bays, what stands on it, entrance and fall. */
export function YardDrawing(props: {
  corners: Ground[];
  ground: Pick<YardGround, 'obstacles' | 'bayRows' | 'fallPercent' | 'fallTowardsRadians'>;
  entrance?: Ground | undefined;
  /** Lengths of the sides as adjusted, from AB on; none are written without it. */
  sideMetres?: number[] | undefined;
  className?: string;
  /** What comes into the middle where a large yard is looked at closer; the middle of the yard without it. */
  closerAt?: Ground | undefined;
  children?: (view: View) => ReactNode;
}) {
  const { corners, ground, entrance } = props;
  return (
    <Tarmac
      label="The yard"
      className={props.className ?? 'min-h-96 flex-1'}
      margin={props.sideMetres ? lengthsMargin : margin}
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
          {props.children?.(view)}
          {ground.obstacles.map((o, i) => (
            <ObstacleMark key={i} obstacle={o} view={view} />
          ))}
          {corners.map((c, i) => (
            <CornerMark key={i} at={c} label={letter(i)} corners={corners} view={view} />
          ))}
          {props.sideMetres?.map((metres, i) => (
            <SideLength key={i} index={i} metres={metres} corners={corners} view={view} />
          ))}
          {entrance && <Entrance at={entrance} view={view} />}
          {ground.fallPercent > 0 && <Fall ground={ground} view={view} />}
        </>
      )}
    </Tarmac>
  );
}
