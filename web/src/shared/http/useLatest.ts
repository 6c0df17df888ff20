import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import { usePreferences } from '../units';
import { Problem, said } from './problem';

/** An answer together with the very question it belongs to, so that nothing drawn is of two ages. */
export interface Answer<Q, A> {
  request: Q;
  answer: A;
}

/** The last good answer, and what is wrong with the latest question, if anything. */
export interface Latest<Q, A> {
  answered: Answer<Q, A> | undefined;
  problem: string | undefined;
}

/** How often something is tried that took more time than there is. */
const MOST_TRIES = 3;

/** Where others have the cores, it is asked again this much later. */
const AGAIN_MS = 1000;

/**
 * Keeps one question on its way at a time and always asks the latest next: while something is dragged the answer follows
 * as fast as the core gives it, and none is ever out of order. Asked again when the key, which stands for the content of
 * the question and of what it depends on, changes, or the units that lengths are said in.
 */
export function useLatest<Q, A>(
  request: Q | undefined,
  key: string,
  ask: (request: Q) => Promise<A>,
): Latest<Q, A> {
  const [state, setState] = useState<Latest<Q, A>>({ answered: undefined, problem: undefined });
  const latest = useRef(request);
  const busy = useRef(false);
  const { system } = usePreferences();

  // Before the change is painted: the core works meanwhile.
  useLayoutEffect(() => {
    latest.current = request;
    const askOn = async () => {
      busy.current = true;
      let asked: Q | undefined;
      let tries = 0;
      while (latest.current !== undefined && latest.current !== asked) {
        const next: Q = latest.current;
        asked = next;
        try {
          const answer = await ask(next);
          setState({ answered: { request: next, answer }, problem: undefined });
          tries = 0;
        } catch (e) {
          const again = e instanceof Problem && e.busy && (e.status === 429 || ++tries < MOST_TRIES);
          // What is asked again at once is no problem yet.
          setState((before) => ({ ...before, problem: again && e.status !== 429 ? undefined : said(e) }));
          if (again) {
            await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
            asked = undefined;
          }
        }
      }
      busy.current = false;
    };
    if (!busy.current) void askOn();
    // The key stands for the request's content: asking again for an equal one would be in vain.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, system]);

  // Nobody asks once the page is left.
  useEffect(
    () => () => {
      latest.current = undefined;
    },
    [],
  );

  return request === undefined ? { answered: undefined, problem: undefined } : state;
}
