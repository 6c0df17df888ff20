import type { ReactNode } from 'react';
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

/** Draws what is loaded, or says plainly that it is on its way or failed. */
export function Loading<T>({ of, children }: { of: Loaded<T>; children: (value: T) => ReactNode }) {
  switch (of.state) {
    case 'ready':
      return <>{children(of.value)}</>;
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
