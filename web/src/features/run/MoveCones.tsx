import { said } from '../../shared/http';
import { Button } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import { useMoveCost } from './api';

/**
 * Another setting is logged only once the cones stand at it: the one thing that has to be done before it counts. Says what
 * that takes, and when it is best done for the group.
 */
export function MoveCones(props: {
  day: number;
  course: number;
  rider: number;
  /** What would stand afterwards. */
  settings: number[];
  from: number;
  to: number;
  onMoved: () => void;
  onLeft: () => void;
}) {
  const { system } = usePreferences();
  const text = (metres: number) => lengthText(metres, system);
  const cost = useMoveCost({
    dayId: props.day,
    courseId: props.course,
    riderId: props.rider,
    to: props.settings,
  });
  return (
    <div
      role="alertdialog"
      aria-label="Move the cones"
      className="border-l-4 border-ochre bg-panel px-3 py-2"
    >
      <p className="mb-2">
        The cones stand at <b className="figures">{text(props.from)}</b>. Runs are logged at{' '}
        <b className="figures">{text(props.to)}</b> once they are moved.
      </p>
      <p className="mb-2 min-h-12">
        {cost.data && (
          <>
            <span className="figures">{cost.data.cones}</span> {cost.data.cones === 1 ? 'cone' : 'cones'},
            about <span className="figures">{Math.max(1, Math.ceil(cost.data.minutes))}</span> min (an
            estimate). {cost.data.moment}
          </>
        )}
        {cost.isPending && <span className="text-soft">What it takes is being calculated…</span>}
        {cost.isError && said(cost.error)}
      </p>
      <div className="grid grid-cols-2 gap-2">
        <Button kind="primary" className="min-h-15" onClick={props.onMoved}>
          Moved to {text(props.to)}
        </Button>
        <Button className="min-h-15" onClick={props.onLeft}>
          Leave them
        </Button>
      </div>
    </div>
  );
}
