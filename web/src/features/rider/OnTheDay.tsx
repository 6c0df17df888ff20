import { changed, useDay, useSaveDay } from '../day';
import { Button, useSay } from '../../shared/ui';
import type { Rider } from './api';

/** Puts a rider on the day with their usual machine, where they are described. */
export function OnTheDay({ rider }: { rider: Rider }) {
  const read = useDay();
  const save = useSaveDay();
  const say = useSay();
  const day = read.state === 'ready' ? read.value.day : undefined;
  if (day === undefined) return null;
  if (day.riders.some((r) => r.riderId === rider.id)) {
    return <span className="text-sm text-soft">On {day.title}.</span>;
  }
  const { machineId } = rider;
  if (machineId === undefined) {
    return <span className="text-sm text-soft">With a usual machine they can be put on the day here.</span>;
  }
  return (
    <Button
      disabled={save.isPending}
      onClick={() =>
        save.mutate(
          {
            stored: day,
            day: changed(day, { riders: [...day.riders, { riderId: rider.id, machineId }] }),
          },
          { onSuccess: () => say.done(`Now on ${day.title}.`), onError: say.failed },
        )
      }
    >
      Put on the day
    </Button>
  );
}
