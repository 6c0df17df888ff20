import { Popover } from 'radix-ui';
import { useState, type ButtonHTMLAttributes, type ReactNode } from 'react';

/**
 * A button with what opens beside it. Until that is first opened it is a button and nothing more: whatever the primitive
 * needs is drawn twice with the page it stands on.
 */
export function Popup(props: {
  button: ButtonHTMLAttributes<HTMLButtonElement>;
  /** What the opened box is called. */
  label: string;
  className: string;
  /** Where it can be opened from elsewhere, too. */
  held?: { open: boolean; onOpenChange: (open: boolean) => void };
  align?: 'center' | 'end';
  children: ReactNode;
}) {
  const [own, setOwn] = useState(false);
  const { open, onOpenChange } = props.held ?? { open: own, onOpenChange: setOwn };
  const [opened, setOpened] = useState(open);
  if (open && !opened) setOpened(true);
  if (!opened) {
    return (
      <button
        type="button"
        aria-haspopup="dialog"
        aria-expanded={false}
        {...props.button}
        onClick={() => onOpenChange(true)}
      />
    );
  }
  return (
    <Popover.Root open={open} onOpenChange={onOpenChange}>
      <Popover.Trigger {...props.button} />
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={8}
          align={props.align ?? 'center'}
          aria-label={props.label}
          className={`z-40 border border-ink bg-panel shadow-lg ${props.className}`}
        >
          {props.children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
