import { useEffect, useRef, useState } from 'react';
import { said } from '../../shared/http';
import { evaluate, type Evaluation, type ReckonRequest } from './api';

/** An answer together with the very question it belongs to, so that nothing drawn is of two ages. */
export interface Answered {
  request: ReckonRequest;
  evaluation: Evaluation;
}

/** The last good answer, and what is wrong with the latest question, if anything. */
export interface Reckoned {
  answered: Answered | undefined;
  problem: string | undefined;
}

/**
 * Keeps one question on its way at a time and always asks the latest next: while a dimension is dragged the answer
 * follows as fast as the core gives it, and none is ever out of order. Asked again when the machine itself has changed.
 */
export function useEvaluation(request: ReckonRequest | undefined, machine?: unknown): Reckoned {
  const [state, setState] = useState<Reckoned>({ answered: undefined, problem: undefined });
  const latest = useRef(request);
  const busy = useRef(false);
  const key = JSON.stringify([request, machine]);

  useEffect(() => {
    latest.current = request;
    const ask = async () => {
      busy.current = true;
      let asked: ReckonRequest | undefined;
      while (latest.current !== undefined && latest.current !== asked) {
        const next: ReckonRequest = latest.current;
        asked = next;
        try {
          const evaluation = await evaluate(next);
          setState({ answered: { request: next, evaluation }, problem: undefined });
        } catch (e) {
          setState((before) => ({ ...before, problem: said(e) }));
        }
      }
      busy.current = false;
    };
    if (!busy.current) void ask();
    // The key stands for the request's content: asking again for an equal one would be in vain.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);

  return request === undefined ? { answered: undefined, problem: undefined } : state;
}
