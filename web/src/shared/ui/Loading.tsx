import { startTransition, useEffect, useState, type ReactNode } from 'react';
import type { Loaded } from '../http';
import { Button } from './basics';

/** Stands where something is on its way. */
export function OneMoment() {
  return (
    <p role="status" className="m-6 text-soft">
      One moment…
    </p>
  );
}

/**
 * Draws what is loaded, or says plainly that it is on its way or failed. What had to be waited for is drawn in slices
 * between which the page answers: at once, a whole page holds a phone up for half a second.
 */
export function Loading<T>({ of, children }: { of: Loaded<T>; children: (value: T) => ReactNode }) {
  const ready = of.state === 'ready';
  const [begun, setBegun] = useState(ready);
  useEffect(() => {
    if (ready) startTransition(() => setBegun(true));
  }, [ready]);
  switch (of.state) {
    case 'ready':
      return begun ? <>{children(of.value)}</> : <OneMoment />;
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
