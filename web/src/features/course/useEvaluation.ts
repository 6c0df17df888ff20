import { useLatest, type Answer, type Latest } from '../../shared/http';
import { evaluate, type Evaluation, type CalculationRequest } from './api';

/** An evaluation with the course and machine it is of. */
export type Answered = Answer<CalculationRequest, Evaluation>;

/** A course computed for a machine, as it is dragged; computed again when the machine itself has changed. */
export function useEvaluation(
  request: CalculationRequest | undefined,
  machine?: unknown,
): Latest<CalculationRequest, Evaluation> {
  return useLatest(request, JSON.stringify([request, machine]), evaluate);
}
