import type { ReactNode } from 'react';
import { Button } from './basics';

/** Asks in its place before something is done that cannot be undone; the safe answer has the focus. */
export function AskFirst(props: {
  label: string;
  doIt: string;
  leaveIt: string;
  pending: boolean;
  onDo: () => void;
  onLeave: () => void;
  children: ReactNode;
}) {
  return (
    <div role="group" aria-label={props.label} className="grid gap-2 border-l-4 border-brick pl-3">
      {props.children}
      <div className="flex flex-wrap gap-3">
        <Button disabled={props.pending} onClick={props.onDo}>
          {props.doIt}
        </Button>
        <Button kind="quiet" autoFocus onClick={props.onLeave}>
          {props.leaveIt}
        </Button>
      </div>
    </div>
  );
}
