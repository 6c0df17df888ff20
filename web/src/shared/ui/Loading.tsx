import { createContext, startTransition, use, useEffect, useState, type ReactNode } from 'react';
import type { Loaded } from '../http';
import { Button, CautionNote } from './basics';
import { GROUND_RULES } from './groundRules';

/** Whether the app is being opened and nothing of its page stands yet. */
export const Opening = createContext(false);

/** Stands where something is on its way; while the app is opened, with what holds on any yard, as in the page's file. */
export function OneMoment() {
  const opening = use(Opening);
  return (
    <>
      <p role="status" className="m-6 text-soft">
        One moment…
      </p>
      {opening && (
        <div className="mx-6 max-w-xl text-xl">
          <CautionNote>{GROUND_RULES}</CautionNote>
        </div>
      )}
    </>
  );
}

/** Whether what is ready is to be drawn: at first at once, later in slices between which the page answers. */
function useBegun(ready: boolean): boolean {
  const [begun, setBegun] = useState(ready);
  useEffect(() => {
    if (ready) startTransition(() => setBegun(true));
  }, [ready]);
  return begun;
}

/**
 * Draws what is looked at later once all before it is drawn. One turn after the other, so that the page answers in
 * between; what is lower down has a later turn, so that nothing seen is pushed away. Until then its place is marked, for
 * whoever has to know when a page is whole.
 */
export function Afterwards({ turn = 1, children }: { turn?: number; children: ReactNode }) {
  const [turns, setTurns] = useState(0);
  useEffect(() => {
    if (turns < turn) startTransition(() => setTurns(turns + 1));
  }, [turns, turn]);
  return turns >= turn ? children : <template data-to-come />;
}

/**
 * Draws what is loaded, or says plainly that it is on its way or failed. What had to be waited for is drawn in slices: at
 * once, a whole page holds a phone up for half a second.
 */
export function Loading<T>({ of, children }: { of: Loaded<T>; children: (value: T) => ReactNode }) {
  const ready = of.state === 'ready';
  const begun = useBegun(ready);
  switch (of.state) {
    case 'ready':
      return begun ? <Opening value={false}>{children(of.value)}</Opening> : <OneMoment />;
    case 'failed':
      return (
        <div role="alert" className="m-6 max-w-xl border-l-4 border-brick bg-panel p-4">
          <p className="mb-3">{of.message}</p>
          <Button onClick={of.retry}>Try again</Button>
        </div>
      );
    case 'loading':
      return <OneMoment />;
  }
}
