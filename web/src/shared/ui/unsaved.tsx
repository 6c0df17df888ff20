import { AlertDialog } from 'radix-ui';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { useBlocker } from 'react-router';
import { Button } from './basics';

/** Keeps what was typed from going without a word: another page is opened only once somebody says so. */
export function useUnsaved(dirty: boolean): {
  /** It is stored, or not wanted any more: the next page may come. */
  letGo: () => void;
  question: ReactNode;
} {
  const free = useRef(false);
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      dirty && !free.current && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    if (!dirty) return;
    const ask = (e: BeforeUnloadEvent) => {
      if (!free.current) e.preventDefault();
    };
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [dirty]);
  return {
    letGo: () => {
      free.current = true;
      // What is typed after that is kept again.
      setTimeout(() => {
        free.current = false;
      }, 0);
    },
    question: blocker.state === 'blocked' && (
      <AlertDialog.Root open>
        <AlertDialog.Portal>
          <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
          <AlertDialog.Content
            className="fixed top-1/3 left-1/2 z-50 grid w-[min(26rem,calc(100vw-2rem))] -translate-x-1/2 gap-3 border border-ink bg-panel p-5 shadow-lg"
            onEscapeKeyDown={() => blocker.reset()}
          >
            <AlertDialog.Title className="text-[1.2rem] font-bold">Not saved yet</AlertDialog.Title>
            <AlertDialog.Description>
              What was changed here is lost if this page is left now.
            </AlertDialog.Description>
            <div className="flex flex-wrap gap-3">
              <AlertDialog.Cancel asChild>
                <Button kind="primary" onClick={() => blocker.reset()}>
                  Stay and save
                </Button>
              </AlertDialog.Cancel>
              <AlertDialog.Action asChild>
                <Button onClick={() => blocker.proceed()}>Leave without saving</Button>
              </AlertDialog.Action>
            </div>
          </AlertDialog.Content>
        </AlertDialog.Portal>
      </AlertDialog.Root>
    ),
  };
}

/** The same for a draft: it is unsaved while it says something else than when it was begun or last stored. */
export function useUnsavedDraft(draft: unknown): ReturnType<typeof useUnsaved> & {
  /** The draft as it stands is stored. */
  stored: () => void;
} {
  const now = JSON.stringify(draft);
  const [begun, setBegun] = useState(now);
  const unsaved = useUnsaved(now !== begun);
  return {
    ...unsaved,
    stored: () => {
      setBegun(now);
      unsaved.letGo();
    },
  };
}
