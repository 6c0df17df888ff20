import { Toast } from 'radix-ui';
import { createContext, useCallback, useContext, useState, type ReactNode } from 'react';
import { said } from '../http';

interface Shown {
  id: number;
  text: string;
  bad: boolean;
}

interface Say {
  done: (text: string) => void;
  failed: (error: unknown) => void;
}

const Context = createContext<Say>({ done: () => undefined, failed: () => undefined });
let next = 1;

/** Short messages that come and go. */
export function ToastProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Shown[]>([]);
  const add = useCallback((text: string, bad: boolean) => {
    setShown((before) => [...before.slice(-2), { id: next++, text, bad }]);
  }, []);
  const done = useCallback((text: string) => add(text, false), [add]);
  const failed = useCallback((error: unknown) => add(said(error), true), [add]);
  return (
    <Context value={{ done, failed }}>
      <Toast.Provider duration={6000} label="Message">
        {children}
        {shown.map((t) => (
          <Toast.Root
            key={t.id}
            onOpenChange={(open) => !open && setShown((before) => before.filter((o) => o.id !== t.id))}
            className={`mt-2 border-l-4 bg-panel p-3 shadow-lg ${t.bad ? 'border-brick' : 'border-moss'}`}
          >
            <Toast.Description>{t.text}</Toast.Description>
          </Toast.Root>
        ))}
        <Toast.Viewport className="no-print fixed bottom-4 right-4 z-50 w-88 max-w-[calc(100vw-2rem)] outline-none" />
      </Toast.Provider>
    </Context>
  );
}

/** Says something in a toast. */
export function useSay(): Say {
  return useContext(Context);
}
