import { Link } from 'react-router';
import { mistakeText } from '../course';
import { useDayLink } from '../day';
import { DrillLinks } from '../drill';
import { lengthText, usePreferences } from '../../shared/units';
import { useMistakesMade, type Held, type Progress } from './api';
import { OpinionLine } from './OpinionLine';

/** What was seen with what most, what it usually comes from, and what to go back to: only where the counts bear it. */
export function HeldBack({ progress }: { progress: Progress }) {
  const faulty = progress.left.clean < progress.left.runs || progress.right.clean < progress.right.runs;
  if (!faulty && progress.heldBack.length === 0) return null;
  return (
    <section aria-label="What holds them back">
      <h2>What holds them back</h2>
      {progress.heldBack.length === 0 && (
        <p className="text-sm text-soft">
          Said once four runs with the same fault say how they were ridden: under Seen, on Range.
        </p>
      )}
      {progress.heldBack.map((held) => (
        <div key={held.sentence} className="border-t border-rule py-1.5">
          <p className="font-semibold">{held.sentence}</p>
          <Likely held={held} riderId={progress.riderId} />
          {held.mistake !== undefined && <Costs of={held.mistake} progress={progress} />}
        </div>
      ))}
      <OpinionLine riderId={progress.riderId} kind={progress.kind} />
    </section>
  );
}

function Likely({ held, riderId }: { held: Held; riderId: number }) {
  const link = useDayLink();
  if (held.likely === undefined) {
    return (
      <p className="text-sm text-soft">
        The table of <Link to={link('/lesson/causes')}>causes</Link> has nothing for it.
      </p>
    );
  }
  return (
    <p>
      <Link to={link('/lesson/causes')}>Likely</Link>: {held.likely}. Say “{held.cue}”
      {held.drills.length > 0 && '; go to '}
      <DrillLinks ids={held.drills} riderId={riderId} />.
    </p>
  );
}

/** What the mistake costs where they last rode; nothing until it is computed, and where nothing was solved. */
function Costs({ of, progress }: { of: NonNullable<Held['mistake']>; progress: Progress }) {
  const { system, speed } = usePreferences();
  const made = useMistakesMade(progress.riderId, progress.kind);
  const cost = made.data?.costs.find((c) => c.mistake === of);
  if (cost?.lostMetres === undefined || made.data?.settingMetres === undefined) return null;
  return (
    <p className="text-sm text-soft">
      At <span className="figures">{lengthText(made.data.settingMetres, system)}</span>,{' '}
      {mistakeText(of, system, speed)} costs {cost.orMore && 'more than '}
      <span className="figures">{lengthText(cost.lostMetres, system)}</span> of clearance, an estimate.
    </p>
  );
}
