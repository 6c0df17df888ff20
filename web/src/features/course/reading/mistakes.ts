import { lengthText, speedText, type LengthSystem, type SpeedUnit } from '../../../shared/units';
import type { MistakeCost } from '../api';

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
    (c): c is SolvedCost => c.lostMetres !== undefined && c.clearanceMetres !== undefined,
  );
  return {
    dear: solved.filter((c) => c.lostMetres >= NEXT_TO_NOTHING),
    free: solved.filter((c) => c.lostMetres < NEXT_TO_NOTHING),
    open: costs.filter((c) => c.lostMetres === undefined),
  };
}

/** A mistake in words, as it goes on after “Room lost”. */
export function mistakeText(mistake: MistakeCost['mistake'], system: LengthSystem, speed: SpeedUnit): string {
  const strayed = speedText(3 / 3.6, speed);
  switch (mistake) {
    case 'ENTERED_HALF_A_METRE_OFF':
      return `begun ${lengthText(0.5, system)} off the edge`;
    case 'ENTERED_A_METRE_OFF':
      return `begun ${lengthText(1, system)} off the edge`;
    case 'TURNED_IN_LATE':
      return 'turned in half a second late';
    case 'TURNED_IN_EARLY':
      return 'turned in half a second early';
    case 'SLOWER':
      return `${strayed} slower`;
    case 'FASTER':
      return `${strayed} faster`;
    case 'UPRIGHT':
      return 'upright instead of leaned';
  }
}
