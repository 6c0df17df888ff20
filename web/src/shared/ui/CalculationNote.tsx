import type { Calculation } from '../http';
import { Button } from './basics';

/** Says of what takes longer than a second how far it is, with a way to stop it and to go on. */
export function CalculationNote<T>({ of, what }: { of: Calculation<T>; what: string }) {
  if (of.stopped) {
    return (
      <p className="flex flex-wrap items-center gap-3 text-sm">
        Stopped: not all of {what} is calculated.
        <Button kind="quiet" onClick={of.goOn}>
          Go on
        </Button>
      </p>
    );
  }
  if (of.problem !== undefined) return <p className="text-sm text-brick">{of.problem}</p>;
  if (!of.slow) return null;
  return (
    <p role="status" className="flex flex-wrap items-center gap-3 text-sm">
      Calculating {what}…
      {of.progress && (
        <>
          <progress
            aria-label={`How far ${what} is`}
            value={of.progress.done}
            max={of.progress.of}
            className="h-2 w-16 appearance-none bg-rule [&::-moz-progress-bar]:bg-steel [&::-webkit-progress-bar]:bg-rule [&::-webkit-progress-value]:bg-steel"
          />
          <span className="figures">
            {of.progress.done} of {of.progress.of}
          </span>
        </>
      )}
      <Button kind="quiet" onClick={of.stop}>
        Stop
      </Button>
    </p>
  );
}
