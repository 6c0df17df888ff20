import { useEffect } from 'react';
import { commandOf, type Command } from './keys';

/** Whether a key belongs to what has the focus rather than to the range. */
function taken(e: KeyboardEvent): boolean {
  if (e.ctrlKey || e.metaKey || e.altKey || e.repeat) return true;
  if (!(e.target instanceof HTMLElement)) return false;
  if (e.target.closest('input, textarea, select')) return true;
  return (e.key === ' ' || e.key === 'Enter') && e.target.closest('button, a') !== null;
}

/** Runs the command of each key pressed. */
export function useKeys(run: (command: Command) => void) {
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      const command = taken(e) ? undefined : commandOf(e.key);
      if (command === undefined) return;
      e.preventDefault();
      run(command);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
