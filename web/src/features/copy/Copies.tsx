import { useState } from 'react';
import { overNetwork, useReading } from '../../shared/http';
import { Button, Loading, useSay } from '../../shared/ui';
import { useBringCopy, useCopies, useKeepCopy, useRestoreCopy, type Copy } from './api';
import { contentText, reasonOf, sizeText, writtenText } from './model';

/** Copies of all that is stored: kept, taken away as a file, brought back, restored. */
export function Copies() {
  const [open, setOpen] = useState(false);
  const copies = useReading(useCopies(open));
  if (overNetwork()) {
    return (
      <p className="border-t border-rule pt-3 text-soft">
        Back-ups are made, downloaded and restored on the laptop itself.
      </p>
    );
  }
  return (
    <section aria-label="Copies of your data" className="border-t border-rule pt-3">
      <Button aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Close the copies' : 'Copies of your data'}
      </Button>
      {open && (
        <div className="mt-3 grid gap-3">
          <p>
            A copy holds everything: yards, machines, riders, courses, days and runs. One is kept each night
            the app runs, for seven nights. Take one away now and then: a copy on the same disk is lost with
            it.
          </p>
          <Bring />
          <Loading of={copies}>{(all) => <Kept copies={all} />}</Loading>
        </div>
      )}
    </section>
  );
}

function Bring() {
  const keep = useKeepCopy();
  const bring = useBringCopy();
  const say = useSay();
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
      <Button
        disabled={keep.isPending}
        onClick={() =>
          keep.mutate(undefined, { onSuccess: () => say.done('A copy is kept.'), onError: say.failed })
        }
      >
        Keep a copy now
      </Button>
      <label className="block">
        <span className="mb-1 block text-sm text-soft">
          Bring a copy from a file; nothing is restored yet:
        </span>
        <input
          type="file"
          accept=".db"
          disabled={bring.isPending}
          onChange={(e) => {
            const file = e.target.files?.[0];
            e.target.value = '';
            if (file !== undefined) {
              bring.mutate(file, {
                onSuccess: () => say.done(`${file.name} is among the copies.`),
                onError: say.failed,
              });
            }
          }}
        />
      </label>
    </div>
  );
}

function Kept({ copies }: { copies: Copy[] }) {
  const [chosen, setChosen] = useState<string>();
  if (copies.length === 0) return <p className="text-soft">No copy is kept yet.</p>;
  return (
    <ul className="grid">
      {copies.map((copy) => (
        <li key={copy.name} className="border-b border-rule py-2">
          <div className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
            <span>
              <b className="figures">{writtenText(copy)}</b>, {reasonOf(copy.name)}
              <span className="block text-sm text-soft">
                {contentText(copy)}; {sizeText(copy.bytes)}
              </span>
            </span>
            <span className="flex items-baseline gap-4">
              <a href={`/api/copies/${copy.name}`} download>
                Download
              </a>
              <Button kind="quiet" aria-expanded={chosen === copy.name} onClick={() => setChosen(copy.name)}>
                Restore…
              </Button>
            </span>
          </div>
          {chosen === copy.name && <Restore copy={copy} onDone={() => setChosen(undefined)} />}
        </li>
      ))}
    </ul>
  );
}

/** Asks before everything is replaced. */
function Restore({ copy, onDone }: { copy: Copy; onDone: () => void }) {
  const restore = useRestoreCopy();
  const say = useSay();
  return (
    <div role="alert" className="mt-2 border-l-4 border-ochre bg-panel p-3">
      <p className="mb-2">
        Everything is put back as it was on {writtenText(copy)}: {contentText(copy)}. What there is now is
        kept as a copy first, so that this can be undone.
      </p>
      <div className="flex gap-3">
        <Button
          disabled={restore.isPending}
          onClick={() =>
            restore.mutate(copy.name, {
              onSuccess: () => {
                say.done('Restored. What there was before is the newest copy.');
                onDone();
              },
              onError: say.failed,
            })
          }
        >
          Restore this copy
        </Button>
        <Button kind="quiet" onClick={onDone}>
          Cancel
        </Button>
      </div>
    </div>
  );
}
