import { Button, useSay } from '../../shared/ui';
import { dateText } from '../../shared/units';
import { useMaster, type RiderDrill, type RiderDrills } from './api';
import { stateLabel } from './model';
import { StateMark } from './StateMark';

/** Where riders stand on one drill, and a way to note that one has shown it. */
export function Standings({ drillId, riders }: { drillId: string; riders: RiderDrills[] }) {
  const those = riders.flatMap((rider) => {
    const found = rider.drills.find((d) => d.drill.id === drillId);
    return found ? [{ rider, found }] : [];
  });
  return (
    <div>
      <h3 className="mb-1 text-sm text-soft">Where riders stand</h3>
      {those.length === 0 ? (
        <p>Taught to nobody of the day: by their riding methods, machines or levels.</p>
      ) : (
        <ul>
          {those.map(({ rider, found }) => (
            <li
              key={rider.riderId}
              className="flex items-start justify-between gap-2 border-b border-rule py-1"
            >
              <span className="flex min-w-0 gap-2">
                <span className="pt-1">
                  <StateMark state={found.mastery.state} named={false} />
                </span>
                <span className="min-w-0">
                  {rider.riderName}
                  <span className="block text-sm leading-tight text-soft">{reason(rider, found)}</span>
                </span>
              </span>
              <Shown rider={rider} found={found} />
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Why somebody stands where they stand. */
function reason(rider: RiderDrills, { mastery, pass, byRuns, shownOn }: RiderDrill): string {
  const names = mastery.because.map((id) => rider.drills.find((d) => d.drill.id === id)?.drill.name ?? id);
  const why = [
    mastery.state === 'MASTERED' && shownOn !== undefined && `seen ${dateText(shownOn)}`,
    mastery.state === 'MASTERED' && byRuns && 'by runs',
    mastery.implied && 'by a later drill',
    names.length > 0 && `first ${names.join(', ')}`,
    mastery.fewerRuns && `new machine: ${pass.clean} of ${pass.of} is enough`,
  ].filter((text) => text !== false);
  return [stateLabel(mastery.state), ...why].join(' · ');
}

function Shown({ rider, found }: { rider: RiderDrills; found: RiderDrill }) {
  const master = useMaster();
  const say = useSay();
  const seen = found.shownOn !== undefined;
  if (found.mastery.state === 'MASTERED' && !seen) return null;
  return (
    <Button
      className="shrink-0 text-sm"
      disabled={master.isPending}
      aria-label={`${seen ? 'Undo' : 'Mark as mastered'}: ${rider.riderName}`}
      onClick={() =>
        master.mutate(
          { riderId: rider.riderId, machineId: rider.machineId, drillId: found.drill.id, shown: !seen },
          { onError: say.failed },
        )
      }
    >
      {seen ? 'Undo' : 'Mark as mastered'}
    </Button>
  );
}
