import type { ReactNode } from 'react';

/** Fields of one of several things behind a line of their own; the chosen one's are open, chosen here or on the drawing. */
export function Opened(props: {
  id: string;
  index: number;
  chosen: number | undefined;
  onChoose: (index: number | undefined) => void;
  children: ReactNode;
}) {
  const isChosen = props.chosen === props.index;
  return (
    <details
      id={props.id}
      open={isChosen}
      className="border-l-2 border-rule pl-3"
      onToggle={(e) => {
        if (e.currentTarget.open) props.onChoose(props.index);
        // What closes because another was chosen has nothing to say.
        else if (isChosen) props.onChoose(undefined);
      }}
    >
      {props.children}
    </details>
  );
}
