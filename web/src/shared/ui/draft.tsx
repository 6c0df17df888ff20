import { useIsMutating } from '@tanstack/react-query';
import { AlertDialog } from 'radix-ui';
import { useEffect, useEffectEvent, useRef, useState, type ReactNode, type RefObject } from 'react';
import { useBlocker, useNavigate, type Location } from 'react-router';
import { dropDraft, keepDraft, keptDraft } from '../kept';
import { clockTime } from '../units';
import { Button } from './basics';

/** How long saving may take to begin, in milliseconds: a length that is typed is read first. */
const BEGINS_WITHIN = 1500;

/** What is known of a form's draft, and what the form says to it. */
export interface HeldDraft {
  /** The draft as it stands is stored. */
  stored: () => void;
  /** It is stored, or not wanted any more: the next page may come. */
  letGo: () => void;
  /** The offer of what was typed before, and the question on leaving; drawn inside the form. */
  question: ReactNode;
}

/**
 * Keeps what is typed from going without a word: it is kept in this browser at once and offered again after a reload or a
 * crash, until it is saved; and another page is opened only once somebody says what becomes of it.
 */
export function useDraft<T>(of: {
  /** Names the form and the thing, the same each time it is opened: rider/3. */
  name: string;
  value: T;
  /** Whether it says something else than what is stored; where missing, than when it was begun or last stored. */
  dirty?: boolean;
  /** Takes up again what was typed before. */
  onRestore: (kept: T) => void;
}): HeldDraft {
  const { name, value } = of;
  const now = JSON.stringify(value);
  const [begun, setBegun] = useState(now);
  const dirty = of.dirty ?? now !== begun;
  const [offer, setOffer] = useState(() => keptDraft(name));
  const unkept = useRef(false);
  const offered = offer !== undefined && JSON.stringify(offer.value) !== now ? offer : undefined;
  const undecided = offered !== undefined;
  useEffect(() => {
    if (undecided) return;
    if (dirty) unkept.current = !keepDraft(name, JSON.parse(now), Date.now());
    else dropDraft(name);
  }, [name, now, dirty, undecided]);

  const anchor = useRef<HTMLSpanElement>(null);
  const leaving = useLeaving({ dirty, unkept, anchor, drop: () => dropDraft(name) });
  return {
    stored: () => {
      setBegun(now);
      setOffer(undefined);
      leaving.letGo();
    },
    letGo: leaving.letGo,
    question: (
      <>
        <span ref={anchor} hidden />
        {offered && (
          <div
            role="status"
            className="flex flex-wrap items-center gap-3 border-l-4 border-ochre bg-panel px-3 py-2"
          >
            <span className="flex-1 basis-56">
              What was typed here at {clockTime(offered.at)} was not saved.
            </span>
            <Button
              onClick={() => {
                of.onRestore(offered.value as T);
                setOffer(undefined);
              }}
            >
              Restore it
            </Button>
            <Button
              kind="quiet"
              onClick={() => {
                dropDraft(name);
                setOffer(undefined);
              }}
            >
              Discard it
            </Button>
          </div>
        )}
        {leaving.question}
      </>
    ),
  };
}

/** The question on leaving a page with something unsaved on it. */
function useLeaving(of: {
  dirty: boolean;
  /** Whether the browser cannot keep what is typed: then a reload loses it. */
  unkept: RefObject<boolean>;
  anchor: RefObject<HTMLElement | null>;
  drop: () => void;
}) {
  const { dirty, unkept, anchor } = of;
  const free = useRef(false);
  const navigate = useNavigate();
  const to = useRef<Location>(undefined);
  const [saving, setSaving] = useState<'no' | 'begun' | 'failed'>('no');
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) =>
      dirty && !free.current && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    if (!dirty) return;
    const ask = (e: BeforeUnloadEvent) => {
      if (unkept.current && !free.current) e.preventDefault();
    };
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [dirty, unkept]);

  const letGo = () => {
    free.current = true;
    of.drop();
    const target = to.current;
    to.current = undefined;
    setSaving('no');
    setTimeout(() => {
      // Where saving was asked for on leaving, the page that was asked for comes after whatever saving opens.
      if (target !== undefined)
        void navigate({ pathname: target.pathname, search: target.search, hash: target.hash });
      // What is typed after that is kept again.
      free.current = false;
    }, 0);
  };
  const mutating = useIsMutating();
  const done = saving !== 'no' && !dirty;
  const goOn = useEffectEvent(() => {
    if (to.current !== undefined) letGo();
  });
  useEffect(() => {
    if (done) goOn();
  }, [done]);
  useEffect(() => {
    if (saving !== 'begun' || mutating > 0) return undefined;
    const failed = setTimeout(() => setSaving('failed'), BEGINS_WITHIN);
    return () => clearTimeout(failed);
  }, [saving, mutating]);

  const save = () => {
    const around = anchor.current?.closest('form') ?? document.querySelector('main');
    const button =
      around?.querySelector<HTMLButtonElement>('[data-save]') ??
      around?.querySelector<HTMLButtonElement>('button[type=submit]');
    to.current = blocker.location;
    setSaving(button === null || button === undefined || button.disabled ? 'failed' : 'begun');
    button?.click();
  };
  const stay = () => {
    to.current = undefined;
    setSaving('no');
    blocker.reset?.();
  };
  return {
    letGo,
    question: blocker.state === 'blocked' && (
      <AlertDialog.Root open>
        <AlertDialog.Portal>
          <AlertDialog.Overlay className="fixed inset-0 z-40 bg-ink/40" />
          <AlertDialog.Content
            className="fixed top-1/3 left-1/2 z-50 grid w-[min(26rem,calc(100vw-2rem))] -translate-x-1/2 gap-3 border border-ink bg-panel p-5 shadow-lg"
            onEscapeKeyDown={stay}
          >
            <AlertDialog.Title className="text-xl font-bold">Not saved yet</AlertDialog.Title>
            <AlertDialog.Description>
              {saving === 'failed'
                ? 'It could not be saved as it is. Stay, and look at what is marked on the page.'
                : 'What was changed here is lost if this page is left now.'}
            </AlertDialog.Description>
            <div className="flex flex-wrap gap-3">
              <Button kind="primary" disabled={saving === 'begun'} onClick={save}>
                {saving === 'begun' ? 'Saving…' : 'Save'}
              </Button>
              <AlertDialog.Cancel asChild>
                <Button onClick={stay}>Stay</Button>
              </AlertDialog.Cancel>
              <AlertDialog.Action asChild>
                <Button
                  onClick={() => {
                    of.drop();
                    blocker.proceed();
                  }}
                >
                  Leave without saving
                </Button>
              </AlertDialog.Action>
            </div>
          </AlertDialog.Content>
        </AlertDialog.Portal>
      </AlertDialog.Root>
    ),
  };
}
