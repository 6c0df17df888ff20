import type { ReactNode } from 'react';

/** Said where the address names something that is not there, rather than showing something else. */
export function NotHere({ what, children }: { what: string; children: ReactNode }) {
  return (
    <div className="m-6 max-w-xl" role="alert">
      <h1 className="mb-3">No such {what}</h1>
      <p>
        The address names a {what} that is not here: it may have been deleted, or belong to other data.{' '}
        {children}
      </p>
    </div>
  );
}
