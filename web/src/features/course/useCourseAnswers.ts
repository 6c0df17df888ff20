import type { Day } from '../day';
import { abilityOf, type Rider } from '../rider';
import type { Calculation } from '../../shared/http';
import { usePreferences } from '../../shared/units';
import {
  useComparison,
  useLadder,
  type Comparison,
  type CourseKind,
  type CourseRequest,
  type Line,
  type CalculationRequest,
} from './api';
import { drawnLine, same } from './model';
import type { Pair } from './pairs';
import type { CourseView } from './useCourseView';
import { useEvaluation, type Answered } from './useEvaluation';

/** What the core says of a course for everyone it is worked on for. */
export interface CourseAnswers {
  pairs: Pair[];
  /** Whom the verdict is for. */
  chosen: Pair | undefined;
  over: Pair | undefined;
  answered: Answered | undefined;
  /** Whether what was answered is of somebody else. */
  pending: boolean;
  problem: string | undefined;
  /** The question, once nothing moves and the course itself has an answer. */
  settled: CalculationRequest | undefined;
  line: Line | undefined;
  overLine: Line | undefined;
  ladder: ReturnType<typeof useLadder>['data'];
  comparison: Calculation<Comparison>;
  /** The comparison with the limits, which take longest. */
  limits: Calculation<Comparison>;
}

export function useCourseAnswers(
  { course, kind, dragging }: { course: CourseRequest; kind: CourseKind; dragging: boolean },
  day: Day | undefined,
  pairs: Pair[],
  view: CourseView,
): CourseAnswers {
  const { system } = usePreferences();
  const chosen = pairs.find((p) => p.key === view.chosen) ?? pairs[0];
  const over = pairs.find((p) => p.key === view.over);
  const yard = day?.yardId === undefined ? {} : { yardId: day.yardId };
  const question = (p: Pair | undefined) => ({
    course,
    ...abilityOf(p?.rider),
    ...(p && { machineId: p.machine.id }),
    ...yard,
    // One line alone is quicker to send and to read.
    ...(dragging && { line: view.line }),
    ...(view.speedMetresPerSecond !== undefined && { speedMetresPerSecond: view.speedMetresPerSecond }),
    settled: !dragging,
  });
  const latest = useEvaluation(question(chosen), chosen?.machine.turn);
  const { problem } = latest;
  // What was computed of another kind says nothing of this one.
  const answered = latest.answered?.request.course.kind === kind.kind ? latest.answered : undefined;
  const laid = useEvaluation(over && question(over), over?.machine.turn);
  // What is being typed may contradict itself: the rest is asked for once the course itself has an answer.
  const known = answered !== undefined && problem === undefined && same(answered.request.course, course);
  const settled = !dragging && known && chosen ? question(chosen) : undefined;
  const everyone = settled && {
    course,
    pairs: pairs.map((p) => ({ machineId: p.machine.id, ...abilityOf(p.rider) })),
    ...yard,
    system,
  };
  // Rooms come at once; limits take longer the first time.
  const clearances = useComparison(everyone && { ...everyone, limits: false });
  const limits = useComparison(everyone && { ...everyone, limits: true });
  return {
    pairs,
    chosen,
    over,
    answered,
    // A line drawn for somebody else may stand until the next is there; its verdict may not.
    pending: answered === undefined || !isRiddenBy(answered.request, chosen),
    problem,
    settled,
    line: drawnLine(answered?.answer, view.line),
    overLine: over && drawnLine(laid.answered?.answer, 'COMFORTABLE'),
    ladder: useLadder(settled).data,
    comparison: limits.stale || limits.data === undefined ? clearances : limits,
    limits,
  };
}

/** Whether a question is about this machine and what its rider can do. */
function isRiddenBy(
  asked: Pick<Rider, 'level' | 'mostLeanRadians'> & { machineId?: number | undefined },
  pair: Pair | undefined,
): boolean {
  const { level, mostLeanRadians } = abilityOf(pair?.rider);
  return (
    asked.machineId === pair?.machine.id && asked.level === level && asked.mostLeanRadians === mostLeanRadians
  );
}
