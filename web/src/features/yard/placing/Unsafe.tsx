import type { GroundPlan } from '../api';

/** Findings about a course that found no place: they are of the search, not of what stands. */
export const UNPLACED = ['no-place-found', 'course-too-large', 'search-unfinished'];

/** What is unsafe about courses where they stand, and which found no place. */
export function Unsafe(props: {
  plan: GroundPlan | undefined;
  unplaced: GroundPlan['findings'];
  problem: string | undefined;
  standing: number;
}) {
  const findings = [...props.unplaced, ...(props.plan?.findings ?? [])];
  return (
    <div className="grid gap-2" aria-live="polite">
      {props.problem !== undefined && <p className="text-brick">{props.problem}</p>}
      {findings.map((f) => (
        <p
          key={f.code + f.message}
          role="alert"
          className="border-l-4 border-brick bg-panel py-1.5 pl-3 pr-2"
        >
          {f.message}
        </p>
      ))}
      {props.plan && findings.length === 0 && props.standing > 0 && (
        <p className="text-moss">
          Nothing overlaps, run-outs are clear, and riders can wait out of the way. Walk the ground all the
          same.
        </p>
      )}
      {props.standing === 0 && (
        <p>Nothing stands yet. Let the app find places, or put a course down and drag it.</p>
      )}
    </div>
  );
}
