import { useState } from 'react';
import { useReading } from '../../shared/http';
import { AskFirst, Button, Downloads, Loading, useDeleting, useSay } from '../../shared/ui';
import {
  useArchiveRider,
  useDeleteRecords,
  useDeleteRider,
  useRecords,
  useSaveRider,
  type Kept,
  type Rider,
} from './api';
import { asRequest, isOnlyDescribed, keptText } from './model';

interface Leaving {
  rider: Rider;
  onDeleted: () => void;
  /** Once somebody deleted is there again, as a new one. */
  onBack: (stored: Rider) => void;
}

/** All that is kept of a rider: taken away as a file, put away, or deleted for ever. */
export function Records(props: Leaving) {
  const { rider } = props;
  return (
    <section aria-label="Records" className="mt-6 max-w-2xl border-t border-rule pt-4">
      <h2>Records</h2>
      <Loading of={useReading(useRecords(rider.id))}>{(kept) => <Shown {...props} kept={kept} />}</Loading>
    </section>
  );
}

function Shown({ rider, kept, onDeleted, onBack }: Leaving & { kept: Kept }) {
  const [asking, setAsking] = useState(false);
  const archive = useArchiveRider();
  const remove = useDeleteRider();
  const save = useSaveRider();
  const deleting = useDeleting();
  const say = useSay();
  const putAway = (of: Rider, archived: boolean): Promise<void> =>
    archive
      .mutateAsync({ rider: of, archived })
      .then((stored) =>
        say.done(archived ? `${of.name} is archived.` : `${of.name} is back among the riders.`, () => {
          void putAway(stored, !archived);
        }),
      )
      .catch(say.failed);
  const deleted = () =>
    deleting(rider, {
      remove: () => remove.mutateAsync(rider),
      onGone: onDeleted,
      restore: () => save.mutateAsync({ rider: asRequest(rider) }),
      onBack,
    });
  return (
    <div className="grid gap-3">
      <p>
        Kept of {rider.name}: {keptText(kept)}.
      </p>
      <Downloads
        files={[
          { label: 'Everything, JSON', path: `/api/riders/${rider.id}/records.json` },
          { label: 'Runs, CSV', path: `/api/runs.csv?riderId=${rider.id}` },
          { label: 'Runs, JSON', path: `/api/runs.json?riderId=${rider.id}` },
        ]}
      />
      <div className="flex flex-wrap gap-3">
        <Button disabled={archive.isPending} onClick={() => void putAway(rider, !rider.archived)}>
          {rider.archived ? 'Restore' : 'Archive'}
        </Button>
        {isOnlyDescribed(kept) ? (
          <Button disabled={remove.isPending} onClick={() => void deleted()}>
            Delete
          </Button>
        ) : (
          !asking && <Button onClick={() => setAsking(true)}>Delete for ever…</Button>
        )}
      </div>
      <p className="-mt-1 text-sm text-soft">An archived rider is offered nowhere. All records stay.</p>
      {asking && <ForEver rider={rider} kept={kept} onDeleted={onDeleted} onLeft={() => setAsking(false)} />}
    </div>
  );
}

/** Asks before somebody is deleted for ever; says what goes and what remains. */
function ForEver(props: { rider: Rider; kept: Kept; onDeleted: () => void; onLeft: () => void }) {
  const { rider, kept } = props;
  const remove = useDeleteRecords();
  const say = useSay();
  return (
    <AskFirst
      label={`Delete ${rider.name}`}
      doIt="Delete for ever"
      leaveIt="Keep them"
      pending={remove.isPending}
      onDo={() =>
        remove.mutate(rider, {
          onSuccess: () => {
            say.done('Deleted, with all records.');
            props.onDeleted();
          },
          onError: say.failed,
        })
      }
      onLeave={props.onLeft}
    >
      <p>
        <b>{rider.name} and all that is kept of them are deleted for ever</b>: {keptText(kept)}. It cannot be
        undone; take the records away first if anybody may ask for them.
      </p>
      <p>
        What remains: copies of your data made before, until they are deleted too; what phones keep for
        opening out of reach, until they next reach the server; files and papers already taken away; names
        written in notes about others.
      </p>
    </AskFirst>
  );
}
