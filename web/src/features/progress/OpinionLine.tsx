import { useId, useState } from 'react';
import { useCauses } from '../cause';
import { useReading } from '../../shared/http';
import { Button, Loading, TextField, useSay, useDraft } from '../../shared/ui';
import { dateText } from '../../shared/units';
import { useOpinion, useSaveOpinion, type Opinion } from './api';

/** What the instructor holds to be behind it: kept, told in the debrief, and put before what the table says. */
export function OpinionLine(props: { riderId: number; kind: string }) {
  const opinion = useReading(useOpinion(props.riderId, props.kind));
  const [editing, setEditing] = useState(false);
  return (
    <Loading of={opinion}>
      {(stored) =>
        editing ? (
          <Form {...props} stored={stored} onDone={() => setEditing(false)} />
        ) : (
          <div className="border-t border-rule py-1.5">
            {stored.words !== undefined && stored.saidOn !== undefined && (
              <p className="wrap-anywhere">
                <b>You say:</b> {stored.words}{' '}
                <span className="whitespace-nowrap text-sm text-soft">({dateText(stored.saidOn)})</span>
              </p>
            )}
            <Button className="mt-1" onClick={() => setEditing(true)}>
              {stored.words === undefined ? 'Add your view' : 'Edit your view'}
            </Button>
          </div>
        )
      }
    </Loading>
  );
}

function Form(props: { riderId: number; kind: string; stored: Opinion; onDone: () => void }) {
  const [words, setWords] = useState(props.stored.words ?? '');
  const causes = useCauses().data?.rows ?? [];
  const save = useSaveOpinion(props.riderId, props.kind);
  const say = useSay();
  const unsaved = useDraft({
    name: `opinion/${props.riderId}/${props.kind}`,
    value: words,
    onRestore: setWords,
  });
  const list = useId();
  return (
    <form
      className="grid gap-2 border-t border-rule py-1.5"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(
          { stored: props.stored, words },
          {
            onSuccess: () => {
              unsaved.stored();
              say.done(words.trim() === '' ? 'Deleted.' : 'Saved.');
              props.onDone();
            },
            onError: say.failed,
          },
        );
      }}
    >
      {unsaved.question}
      <TextField
        label="What is behind it, in your words"
        maxLength={200}
        list={list}
        value={words}
        onChange={(e) => setWords(e.target.value)}
      />
      <datalist id={list}>
        {causes.map((c, i) => (
          <option key={i} value={c.likely} />
        ))}
      </datalist>
      <div className="flex flex-wrap gap-3">
        <Button kind="primary" type="submit" disabled={save.isPending}>
          {words.trim() === '' && props.stored.words !== undefined ? 'Delete' : 'Save'}
        </Button>
        <Button
          kind="quiet"
          onClick={() => {
            unsaved.letGo();
            props.onDone();
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  );
}
