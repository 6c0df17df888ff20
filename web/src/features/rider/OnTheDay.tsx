import { useChangeDay, useDay } from '../day';
import { Button } from '../../shared/ui';
import type { Rider } from './api';

/** The day, and a way to put a rider on it with their usual machine; whoever has none stays where they are. */
export function usePutOnDay() {
  const read = useDay();
  const { change, changing } = useChangeDay();
  const day = read.state === 'ready' ? read.value.day : undefined;
  return {
    day,
    changing,
    put: async ({ id, machineId }: Rider) => {
      if (day === undefined || machineId === undefined) return;
      const riders = [...day.riders, { riderId: id, machineId }];
      await change(day, { riders }, `Now on ${day.title}.`);
    },
  };
}

/** Puts a rider on the day, where they are described. */
export function OnTheDay({ rider }: { rider: Rider }) {
  const { day, changing, put } = usePutOnDay();
  if (day === undefined) return null;
  if (day.riders.some((r) => r.riderId === rider.id)) {
    return <span className="text-sm text-soft">On {day.title}.</span>;
  }
  if (rider.machineId === undefined) {
    return <span className="text-sm text-soft">With a usual machine they can be put on the day here.</span>;
  }
  return (
    <Button disabled={changing} onClick={() => void put(rider)}>
      Add to day
    </Button>
  );
}
