import type { ReactNode } from 'react';

/** Fields behind a line of their own, opened here or from the drawing. */
export function Opened(props: {
  id: string;
  open: boolean;
  onOpen: (open: boolean) => void;
  children: ReactNode;
}) {
  return (
    <details
      id={props.id}
      open={props.open}
      className="border-l-2 border-rule pl-3"
      onToggle={(e) => props.onOpen(e.currentTarget.open)}
    >
      {props.children}
    </details>
  );
}
