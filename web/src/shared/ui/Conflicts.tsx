import { useQueryClient } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useEffect, useState, type ReactNode } from 'react';
import { askBy, type Choice, type Conflict } from '../http';
import { Button } from './basics';
import { differences } from './differences';

interface Asked {
  conflict: Conflict;
  answer: (choice: Choice) => void;
}

/**
 * Asks which of two states to keep, where something was changed elsewhere since it was read here. Where the other one is
 * kept, the page is drawn anew from it.
 */
export function Conflicts({ children }: { children: (generation: number) => ReactNode }) {
  const [asked, setAsked] = useState<Asked>();
  const [generation, setGeneration] = useState(0);
  const client = useQueryClient();
  useEffect(() => askBy((conflict) => new Promise((answer) => setAsked({ conflict, answer }))), []);
  const choose = (choice: Choice) => {
    setAsked(undefined);
    if (choice !== 'theirs') return asked?.answer(choice);
    void client.invalidateQueries().then(() => {
      setGeneration((g) => g + 1);
      asked?.answer(choice);
    });
  };
  return (
    <>
      <div inert={asked !== undefined}>{children(generation)}</div>
      {/* Not modal by the primitive's own means: those write styles into the page, which the app's policy forbids. */}
      {asked && (
        <Dialog.Root modal={false} open onOpenChange={(open) => !open && choose(undefined)}>
          <Dialog.Portal>
            <div className="fixed inset-0 z-40 bg-ink/40" />
            <Dialog.Content
              aria-modal
              aria-describedby={undefined}
              onInteractOutside={(e) => e.preventDefault()}
              className="fixed left-1/2 top-1/2 z-50 grid max-h-[90vh] w-[min(44rem,calc(100vw-2rem))] -translate-x-1/2 -translate-y-1/2 gap-4 overflow-auto rounded-sm border border-ink bg-panel p-6"
            >
              <Dialog.Title className="text-xl font-bold">Changed elsewhere meanwhile</Dialog.Title>
              <Both conflict={asked.conflict} />
              <div className="flex flex-wrap gap-3">
                <Button kind="primary" onClick={() => choose('mine')}>
                  {asked.conflict.wanted === undefined ? 'Delete it all the same' : 'Keep mine'}
                </Button>
                <Button onClick={() => choose('theirs')}>
                  {asked.conflict.wanted === undefined ? 'Keep it' : 'Keep the other'}
                </Button>
                <Button kind="quiet" onClick={() => choose(undefined)}>
                  Decide later
                </Button>
              </div>
            </Dialog.Content>
          </Dialog.Portal>
        </Dialog.Root>
      )}
    </>
  );
}

/** What differs, mine beside the other. */
function Both({ conflict }: { conflict: Conflict }) {
  if (conflict.wanted === undefined) {
    return <p>You were about to delete this, and somebody has just changed it, on another page or device.</p>;
  }
  const rows = differences(conflict.current, conflict.wanted);
  if (rows.length === 0) {
    return <p>Somebody stored it again, on another page or device; both say the same.</p>;
  }
  return (
    <>
      <p>Since you opened it, somebody stored it too, on another page or device. Nothing of yours is lost.</p>
      <table className="w-full text-left">
        <thead>
          <tr className="border-b border-rule">
            <th className="py-1 pr-3 font-semibold">What differs</th>
            <th className="py-1 pr-3 font-semibold">Mine</th>
            <th className="py-1 font-semibold">The other</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.what} className="border-b border-rule align-top">
              <td className="py-1 pr-3">{row.what}</td>
              <td className="py-1 pr-3 wrap-anywhere">{row.mine}</td>
              <td className="py-1 wrap-anywhere">{row.theirs}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
