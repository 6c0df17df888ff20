import { useLayoutEffect } from 'react';
import { flushSync } from 'react-dom';
import { usePreferences } from '../../shared/units';
import { commandOf, type Command } from './keys';

/** What takes keys of its own while it has the focus. */
const TYPED_INTO =
  'input, textarea, select, [contenteditable], [role=dialog], [role=slider], [role=tab], [role=radio]';

/**
 * Whether a key belongs to the browser, or to what has the focus, rather than to the range: it pages and scrolls, presses a
 * button or follows a link. With faults chosen Enter always logs them.
 */
function taken(e: KeyboardEvent, faultsChosen: boolean): boolean {
  if (e.ctrlKey || e.metaKey || e.altKey || e.repeat || e.defaultPrevented) return true;
  if (e.target instanceof Element && e.target.closest(TYPED_INTO)) return true;
  if (e.key === 'Enter') return !faultsChosen;
  return false;
}

/**
 * Runs the command of each key pressed. What it changes is there before the next key, however fast that comes: a fault and
 * Enter pressed in one breath are logged, also while the page has much to do.
 */
export function useKeys(run: (command: Command) => void, faultsChosen: boolean) {
  const { keys } = usePreferences();
  useLayoutEffect(() => {
    if (!keys) return;
    const onKey = (e: KeyboardEvent) => {
      const command = taken(e, faultsChosen) ? undefined : commandOf(e.key);
      if (command === undefined) return;
      e.preventDefault();
      flushSync(() => run(command));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
