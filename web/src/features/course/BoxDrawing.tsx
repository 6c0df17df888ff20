import { Tarmac } from '../../shared/plan';
import type { CourseKind } from './api';
import { BoxDimensions, type Dragged } from './BoxDimensions';
import { BoxGround } from './BoxGround';
import { RideLine } from './RideLine';
import { RoomLeader } from './RoomLeader';
import type { Answered } from './useEvaluation';

/**
 * The box in plan, all of it from one answer of the core. Its dimensions are clicked and typed, or dragged; without
 * {@code onDrag} it only shows.
 */
export function BoxDrawing(props: {
  answered: Answered | undefined;
  limits?: CourseKind['dimensions'];
  rungs?: number[];
  labels?: boolean;
  className?: string;
  onDrag?: (name: Dragged, metres: number) => void;
  onSettle?: (name: Dragged, text: string) => Promise<string | undefined>;
}) {
  const { answered } = props;
  const className = props.className ?? 'min-h-96 flex-1';
  if (answered === undefined) {
    return <div className={`rounded-sm bg-tarmac p-4 text-chalk ${className}`}>Reckoning…</div>;
  }
  const { width, depth, entrySide } = answered.request.course;
  const up = entrySide === 'RIGHT' ? 1 : -1;
  const [low, high] = up === 1 ? [0, width.metres] : [-width.metres, 0];
  const bounds = { minX: -2.7, maxX: depth.metres + 3.2, minY: low - 1.75, maxY: high + 0.9 };
  return (
    <Tarmac label="Plan of the box" className={className} bounds={bounds}>
      {(view) => (
        <>
          <RideLine drawn={answered.evaluation.drawn} view={view} />
          <BoxGround evaluation={answered.evaluation} view={view} labels={props.labels ?? false} />
          <RoomLeader
            evaluation={answered.evaluation}
            view={view}
            farX={depth.metres}
            exitY={up * width.metres}
          />
          <BoxDimensions {...props} answered={answered} view={view} up={up} low={low} />
        </>
      )}
    </Tarmac>
  );
}
