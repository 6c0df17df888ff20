import type { MistakeCost } from './api';

/** A cost that was solved. */
export type SolvedCost = Required<MistakeCost>;

/** Less is not seen while riding, in metres. */
const NEXT_TO_NOTHING = 0.02;

/** Costs by what is to be said of them: dear, next to nothing, and not solved. */
export function sorted(costs: MistakeCost[]): {
  dear: SolvedCost[];
  free: SolvedCost[];
  open: MistakeCost[];
} {
  const solved = costs.filter(
    (c): c is SolvedCost => c.lostMetres !== undefined && c.roomMetres !== undefined,
  );
  return {
    dear: solved.filter((c) => c.lostMetres >= NEXT_TO_NOTHING),
    free: solved.filter((c) => c.lostMetres < NEXT_TO_NOTHING),
    open: costs.filter((c) => c.lostMetres === undefined),
  };
}
