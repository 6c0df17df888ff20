import { Toast } from 'radix-ui';
import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';
import { said } from '../http';

interface Shown {
  id: number;
  text: string;
  bad: boolean;
  undo: (() => void) | undefined;
}

interface Say {
  /** Says that something is done; with a way back where there is one. */
  done: (text: string, undo?: () => void) => void;
  failed: (error: unknown) => void;
}

const Context = createContext<Say>({ done: () => undefined, failed: () => undefined });
let next = 1;

/** Short messages that come and go. */
export function ToastProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Shown[]>([]);
  const add = useCallback((text: string, bad: boolean, undo?: () => void) => {
    setShown((before) => [...before.slice(-2), { id: next++, text, bad, undo }]);
  }, []);
  const done = useCallback((text: string, undo?: () => void) => add(text, false, undo), [add]);
  const failed = useCallback((error: unknown) => add(said(error), true), [add]);
  return (
    <Context value={{ done, failed }}>
      <Toast.Provider duration={6000} label="Message">
        {children}
        {shown.map((t) => (
          <Toast.Root
            key={t.id}
            {...(t.undo && { duration: 15000 })}
            onOpenChange={(open) => !open && setShown((before) => before.filter((o) => o.id !== t.id))}
            className={`mt-2 border-l-4 bg-panel p-3 shadow-lg ${t.bad ? 'border-brick' : 'border-moss'}`}
          >
            <Toast.Description>{t.text}</Toast.Description>
            {t.undo && (
              <Toast.Action altText="Undo" asChild>
                <button
                  type="button"
                  className="mt-2 rounded-sm border border-ink px-3 py-1"
                  onClick={t.undo}
                >
                  Undo
                </button>
              </Toast.Action>
            )}
          </Toast.Root>
        ))}
        <Toast.Viewport className="toasts no-print fixed bottom-4 right-4 z-50 w-88 max-w-[calc(100vw-2rem)] outline-none" />
      </Toast.Provider>
    </Context>
  );
}

/** Says something in a toast. */
export function useSay(): Say {
  return useContext(Context);
}
