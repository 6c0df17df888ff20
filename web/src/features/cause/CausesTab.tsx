import { useState } from 'react';
import { DrillLinks, useDrills, type Catalogue } from '../drill';
import { together, useReading } from '../../shared/http';
import { Button, Loading, useSay } from '../../shared/ui';
import { useCauses, useSaveCauses, type Cause, type Causes } from './api';
import { CauseForm } from './CauseForm';
import { beforeText, faultsText, NEW_CAUSE, replaced, techniqueText } from './model';

/** What faults come from, what is said for it and what is ridden for it; each row can be put right. */
export function CausesTab() {
  const all = together(useReading(useCauses()), useReading(useDrills()));
  return <Loading of={all}>{([causes, drills]) => <Table causes={causes} drills={drills} />}</Loading>;
}

function Table({ causes, drills }: { causes: Causes; drills: Catalogue }) {
  const [editing, setEditing] = useState<number>();
  const save = useSaveCauses();
  const say = useSay();
  const keep = (rows: Cause[] | undefined, done: string) =>
    save.mutateAsync({ stored: causes, rows }).then(() => {
      say.done(done);
      setEditing(undefined);
    });
  const form = (at: number, cause: Cause) => (
    <CauseForm
      cause={cause}
      name={at === causes.rows.length ? 'new' : String(at)}
      drills={drills}
      isNew={at === causes.rows.length}
      onKeep={(kept) => keep(replaced(causes.rows, at, kept), 'Cause kept.')}
      onTakeOut={() => keep(replaced(causes.rows, at, undefined), 'Cause taken out.')}
      onLeave={() => setEditing(undefined)}
    />
  );
  return (
    <div className="px-6 py-4 max-sm:px-3">
      <p className="mb-3 max-w-[46rem] text-soft">
        What a fault usually comes from when it is seen with something in how it was ridden. Progress, Range
        and the debrief name causes by this table; where two rows fit, the one of fewer faults holds. From
        practice: put right what you know better.
      </p>
      <p
        aria-hidden="true"
        className="grid grid-cols-[1.1fr_1.2fr_1.2fr_5.5rem] gap-x-6 text-sm text-soft max-md:hidden"
      >
        <span>Seen</span>
        <span>Likely from</span>
        <span>Say, and go back to</span>
      </p>
      <ul aria-label="Causes" className="border-b border-rule">
        {causes.rows.map((cause, at) => (
          <li key={`${at} ${cause.likely}`} className="border-t border-rule py-2">
            {editing === at ? (
              form(at, cause)
            ) : (
              <Row
                cause={cause}
                frozen={editing !== undefined || save.isPending}
                onEdit={() => setEditing(at)}
              />
            )}
          </li>
        ))}
        {editing === causes.rows.length && (
          <li className="border-t border-rule py-2">{form(causes.rows.length, NEW_CAUSE)}</li>
        )}
      </ul>
      {editing === undefined && (
        <div className="mt-3 flex flex-wrap gap-3">
          <Button onClick={() => setEditing(causes.rows.length)}>Add a cause</Button>
          {causes.changed && (
            <Button
              disabled={save.isPending}
              onClick={() => void keep(undefined, 'The table is as it came.').catch(say.failed)}
            >
              Put the table back as it came
            </Button>
          )}
        </div>
      )}
    </div>
  );
}

function Row(props: { cause: Cause; frozen: boolean; onEdit: () => void }) {
  const { cause } = props;
  return (
    <div className="grid gap-x-6 gap-y-1 md:grid-cols-[1.1fr_1.2fr_1.2fr_5.5rem]">
      <p>
        <b className="block first-letter:uppercase">{faultsText(cause)}</b>
        <span className="block text-soft">
          {[techniqueText(cause), beforeText(cause)].filter(Boolean).join('; ')}
        </span>
      </p>
      <p className="first-letter:uppercase">{cause.likely}</p>
      <p>
        “{cause.cue}”
        <span className="block">
          <DrillLinks ids={cause.drills} />
        </span>
      </p>
      <Button
        className="self-start justify-self-start md:justify-self-end"
        aria-label={`Change: ${cause.likely}`}
        disabled={props.frozen}
        onClick={props.onEdit}
      >
        Change
      </Button>
    </div>
  );
}
