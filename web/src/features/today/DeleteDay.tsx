import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useDeleteDay, type Day } from '../day';
import { AskFirst, Button, useSay } from '../../shared/ui';

/** Deletes a day nobody has ridden on; what belongs to it alone goes too, so it is asked for first. */
export function DeleteDay({ day }: { day: Day }) {
  const [asking, setAsking] = useState(false);
  const [, setParams] = useSearchParams();
  const remove = useDeleteDay();
  const say = useSay();
  if (!asking) return <Button onClick={() => setAsking(true)}>Delete the day…</Button>;
  return (
    <AskFirst
      label={`Delete ${day.title}`}
      doIt="Delete the day"
      leaveIt="Keep it"
      pending={remove.isPending}
      onDo={() =>
        // Whether or not this is still on the page, once the day is gone from it.
        void remove
          .mutateAsync(day)
          .then(() => {
            say.done(`${day.title} is deleted.`);
            setParams({});
          })
          .catch(say.failed)
      }
      onLeave={() => setAsking(false)}
    >
      <p>
        The day goes with its lesson plan, its places on the yard and its debrief. Riders, machines, courses
        and the yard stay. A day with runs cannot be deleted.
      </p>
    </AskFirst>
  );
}
