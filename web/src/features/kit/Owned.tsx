import { useState } from 'react';
import { keptDraft } from '../../shared/kept';
import { Button, TextField, several, useDraft, useSay } from '../../shared/ui';
import { useKit, useSaveKit, type Kit } from './api';
import { draftOf, fresh, kitOf, ownedText, USUAL, wrongWith, type DraftKit } from './model';
import { OwnMarkerFields } from './OwnMarkerFields';

const DRAFT = 'kit';

/** What the school owns to set courses out in, so that a shortage is said the evening before. */
export function Owned() {
  const kit = useKit().data;
  const [open, setOpen] = useState(() => keptDraft(DRAFT) !== undefined);
  if (kit === undefined) return null;
  if (open) return <Counting kit={kit} onClose={() => setOpen(false)} />;
  const owned = ownedText(kit);
  return (
    <p className="mt-1 text-sm">
      {owned.length === 0
        ? 'What the school owns is not counted yet.'
        : `The school owns ${owned.join(', ')}.`}{' '}
      <Button kind="quiet" className="px-0! py-0!" onClick={() => setOpen(true)}>
        {owned.length === 0 ? 'Count them' : 'Change'}
      </Button>
    </p>
  );
}

function Counting({ kit, onClose }: { kit: Kit; onClose: () => void }) {
  const say = useSay();
  const save = useSaveKit();
  const [draft, setDraft] = useState<DraftKit>(() => draftOf(kit));
  const unsaved = useDraft({ name: DRAFT, value: draft, onRestore: setDraft });
  const change = (some: Partial<DraftKit>) => setDraft((before) => ({ ...before, ...some }));
  return (
    <form
      className="mt-2 grid grid-cols-2 gap-3"
      aria-label="What the school owns"
      onSubmit={(e) => {
        e.preventDefault();
        const wrong = wrongWith(draft);
        if (wrong !== undefined) return say.failed(new Error(wrong));
        save
          .mutateAsync({ seen: kit, kit: kitOf(draft) })
          .then(() => {
            unsaved.stored();
            onClose();
            say.done('What the school owns is counted.');
          })
          .catch(say.failed);
      }}
    >
      <div className="col-span-2 empty:hidden">{unsaved.question}</div>
      {USUAL.map(({ sort, name }) => (
        <TextField
          key={sort}
          label={several(`${name.charAt(0).toUpperCase()}${name.slice(1)}`) + ' owned'}
          inputMode="numeric"
          value={draft.usual[sort]}
          onChange={(e) => change({ usual: { ...draft.usual, [sort]: e.target.value } })}
        />
      ))}
      <div className="col-span-2 grid gap-3">
        {draft.own.map((m, i) => (
          <OwnMarkerFields
            key={m.id ?? `new ${i}`}
            own={m}
            onChange={(some) =>
              setDraft((d) => ({ ...d, own: d.own.map((o, at) => (at === i ? { ...o, ...some } : o)) }))
            }
            onRemove={() => change({ own: draft.own.toSpliced(i, 1) })}
          />
        ))}
        <div>
          <Button onClick={() => change({ own: [...draft.own, fresh()] })}>Add a marker of your own</Button>
        </div>
      </div>
      <div className="col-span-2 flex gap-3">
        <Button kind="primary" type="submit" disabled={save.isPending}>
          Save
        </Button>
        <Button
          onClick={() => {
            unsaved.letGo();
            onClose();
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  );
}
