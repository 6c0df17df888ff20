import { useLatest, type Answer, type Latest } from '../../shared/http';
import { evaluate, type Evaluation, type ReckonRequest } from './api';

/** An evaluation with the course and machine it is of. */
export type Answered = Answer<ReckonRequest, Evaluation>;

/** A course computed for a machine, as it is dragged; computed again when the machine itself has changed. */
export function useEvaluation(
  request: ReckonRequest | undefined,
  machine?: unknown,
): Latest<ReckonRequest, Evaluation> {
  return useLatest(request, JSON.stringify([request, machine]), evaluate);
}
