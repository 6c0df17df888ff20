import type { Machine } from '../machine';
import type { Rider } from '../rider';
import { speedBand, usePreferences } from '../../shared/units';
import type { Activity } from './activity';

/** The choice in the list of riders that makes a new one. */
const NEW = 'new';

/** Who rides which drill, on what and where: large. */
export function RangeHead(props: {
  rider: Rider;
  riders: Rider[];
  machine: Machine;
  /** Missing where nothing is ridden. */
  activity: Activity | undefined;
  onNewRider: () => void;
  onRider: (id: number) => void;
}) {
  const { rider, machine, activity } = props;
  const { speed } = usePreferences();
  const turn = activity?.turn;
  return (
    <div className="grid grid-cols-1 gap-1">
      <div className="flex flex-wrap items-start justify-between gap-x-3">
        <div className="min-w-32 flex-1">
          <h1 className="line-clamp-2 wrap-anywhere">{rider.name}</h1>
          <p className="line-clamp-2 text-soft wrap-anywhere">{machine.name}</p>
        </div>
        <select
          aria-label="Rider"
          className="thumb w-32 max-w-full shrink-0 rounded-sm border border-edge bg-panel px-2 py-2"
          value={rider.id}
          onChange={(e) =>
            e.target.value === NEW ? props.onNewRider() : props.onRider(Number(e.target.value))
          }
        >
          {props.riders.map((r) => (
            <option key={r.id} value={r.id}>
              {r.name}
            </option>
          ))}
          <option value={NEW}>Somebody new…</option>
        </select>
      </div>
      {activity && (
        <p data-testid="ridden" className="text-lg leading-snug">
          <b>{activity.drill?.drillName ?? activity.course?.name}</b>
          {activity.drill && activity.course && <span className="text-soft"> on {activity.course.name}</span>}
        </p>
      )}
      {turn && (
        <p className="text-soft">
          “{turn.cue}”,{' '}
          {turn.done < turn.of ? (
            <>
              turn <span className="figures">{turn.done + 1}</span> of{' '}
              <span className="figures">{turn.of}</span>
            </>
          ) : (
            <>all {turn.of} ridden</>
          )}
          {turn.speed &&
            `, at ${speedBand(turn.speed.lowMetresPerSecond, turn.speed.highMetresPerSecond, speed)}`}
        </p>
      )}
    </div>
  );
}
