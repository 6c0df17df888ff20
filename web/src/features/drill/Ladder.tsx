import { difficultyText, inFigures } from '../../shared/units';
import type { Drill } from './api';

/** The steps of a drill, easiest first, narrowing downwards as a lane does. */
export function Ladder({ steps }: { steps: Drill['steps'] }) {
  const share = (i: number) => 100 - (i * 38) / Math.max(1, steps.length - 1);
  return (
    <div>
      <h3 className="mb-1 text-sm text-soft">Steps, easiest first</h3>
      <ol className="grid gap-px">
        {steps.map((step, i) => (
          <li
            key={step.says}
            className="mx-auto border-x-3 border-ink bg-kerb px-2 py-1 text-center text-sm leading-tight"
            style={{ width: `${share(i)}%` }}
          >
            {inFigures(step.says)}
          </li>
        ))}
      </ol>
      {steps.some((s) => s.difficulty !== undefined) && (
        <p className="mt-1 text-sm leading-tight text-soft">
          Difficulty {difficultyText(1)} asks for all that machine and practised hands can do; more is harder.
          It means the same on every course and machine.
        </p>
      )}
    </div>
  );
}
