import { useChangeDay, useDay } from '../day';
import { Button } from '../../shared/ui';
import type { Rider } from './api';

/** Puts a rider on the day with their usual machine, where they are described. */
export function OnTheDay({ rider }: { rider: Rider }) {
  const read = useDay();
  const { change, changing } = useChangeDay();
  const day = read.state === 'ready' ? read.value.day : undefined;
  if (day === undefined) return null;
  if (day.riders.some((r) => r.riderId === rider.id)) {
    return <span className="text-sm text-soft">On {day.title}.</span>;
  }
  const { machineId } = rider;
  if (machineId === undefined) {
    return <span className="text-sm text-soft">With a usual machine they can be put on the day here.</span>;
  }
  const riders = [...day.riders, { riderId: rider.id, machineId }];
  return (
    <Button disabled={changing} onClick={() => change(day, { riders }, `Now on ${day.title}.`)}>
      Put on the day
    </Button>
  );
}
