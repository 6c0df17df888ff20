import { Link } from 'react-router';
import { useDayLink } from '../day';
import { GoalPanel } from '../goal';
import { PractisedPanel } from '../practised';
import { share } from '../sizes';
import { Chevron, Figure, sideWord, Term } from '../../shared/ui';
import { lengthText, difficultyText, usePreferences } from '../../shared/units';
import type { Progress } from './api';
import { HeldBack } from './HeldBack';
import { measuredText } from './words';

/** What the lane says in words: both sides, what went wrong, what comes next. */
export function Summary({ progress }: { progress: Progress }) {
  const { riderSizes, left, right } = progress;
  const link = useDayLink();
  if (progress.straight) return <StraightSummary progress={progress} />;
  return (
    <aside
      aria-label="Summary"
      className="flex flex-col gap-5 border-l border-rule bg-panel px-5 py-5 max-lg:border-l-0 max-lg:border-t"
    >
      <Headline riderSizes={riderSizes} gap={progress.gap} />
      <Changes changes={progress.changes} />
      {progress.standstill !== undefined && (
        <p className="border-l-4 border-ochre pl-3">{progress.standstill}</p>
      )}
      <div className="grid grid-cols-2 gap-x-4 gap-y-3">
        <Figure
          name={
            <>
              Left, <Term word="difficulty">difficulty</Term>
            </>
          }
          figure={difficultyText(riderSizes?.left?.difficulty)}
        />
        <Figure name="Right, difficulty" figure={difficultyText(riderSizes?.right?.difficulty)} />
        <Figure name="Left, clean" figure={String(left.clean)} unit={`of ${left.runs}`} />
        <Figure name="Right, clean" figure={String(right.clean)} unit={`of ${right.runs}`} />
      </div>
      <Faults left={left} right={right} />
      {progress.measured.length > 0 && <Measured progress={progress} />}
      <HeldBack progress={progress} />
      {riderSizes?.size && <Next progress={progress} />}
      <GoalPanel riderId={progress.riderId} />
      <PractisedPanel
        riderId={progress.riderId}
        kind={progress.kind}
        settingLabel={progress.settingLabel}
        lastRidden={progress.machineName}
      />
      <p className="mt-auto border-t border-rule pt-3 text-sm text-soft">
        The line is an estimate from level, other courses and the last {LATEST} runs to each side: the
        tightest setting ridden clean four times in five. Nine times in ten it lies in the band. First runs at
        a new setting do not count. <Link to={link(`/range/${progress.riderId}`)}>Log runs</Link>
      </p>
    </aside>
  );
}

/** Straight on there are no sides: times, speeds and scores count. */
function StraightSummary({ progress }: { progress: Progress }) {
  const link = useDayLink();
  const all = progress.left;
  return (
    <aside
      aria-label="Summary"
      className="flex flex-col gap-5 border-l border-rule bg-panel px-5 py-5 max-lg:border-l-0 max-lg:border-t"
    >
      <h2 className="text-xl leading-snug">
        <span className="figures">{all.clean}</span> clean of <span className="figures">{all.runs}</span>.
        Slower is better.
      </h2>
      {progress.measured.length > 0 ? (
        <Measured progress={progress} />
      ) : (
        <p>No time taken yet. Use the watch on Range: slow riding shows in seconds.</p>
      )}
      <HeldBack progress={progress} />
      <p className="mt-auto border-t border-rule pt-3 text-sm text-soft">
        <Link to={link(`/range/${progress.riderId}`)}>Log runs</Link>
      </p>
    </aside>
  );
}

/** As many runs to a side as an estimate looks at. */
const LATEST = 30;

function Headline({ riderSizes, gap }: { riderSizes: Progress['riderSizes']; gap: Progress['gap'] }) {
  const { system } = usePreferences();
  const [l, r] = [riderSizes?.left, riderSizes?.right];
  if (l?.metres === undefined || r?.metres === undefined) {
    return <h2 className="text-xl leading-snug">Four runs to each side give a first estimate.</h2>;
  }
  return (
    <div>
      <h2 className="text-xl leading-snug">
        Left <span className="figures">{lengthText(l.metres, system)}</span>, right{' '}
        <span className="figures">{lengthText(r.metres, system)}</span>, clean four times in five.
      </h2>
      {gap && <p className="mt-1">{gap.sentence}</p>}
    </div>
  );
}

/** What has changed since the last day, and since the first, as sure as it is. */
function Changes({ changes }: { changes: Progress['changes'] }) {
  if (changes.length === 0) return null;
  return (
    <ul>
      {changes.map(({ what, words }) => (
        <li key={what} className="flex justify-between gap-3 border-t border-rule py-1">
          <span className="text-soft">{what}</span>
          <span className="text-right">{words}</span>
        </li>
      ))}
    </ul>
  );
}

function Faults({ left, right }: Pick<Progress, 'left' | 'right'>) {
  const faults = [...new Set([...left.faults, ...right.faults].map((f) => f.fault))];
  const count = (side: Progress['left'], fault: string) =>
    side.faults.find((f) => f.fault === fault)?.count ?? 0;
  const label = (fault: string) =>
    [...left.faults, ...right.faults].find((f) => f.fault === fault)?.label ?? fault;
  if (faults.length === 0) return <p>No fault logged.</p>;
  const rows = faults
    .map((f) => ({ f, l: count(left, f), r: count(right, f) }))
    .sort((a, b) => b.l + b.r - a.l - a.r);
  return (
    <table className="table-plain">
      <caption className="mb-1 text-left font-semibold">What went wrong most</caption>
      <thead>
        <tr>
          <th>Seen</th>
          <th className="text-right!">
            <Chevron side="LEFT" size={10} /> left
          </th>
          <th className="text-right!">
            right <Chevron side="RIGHT" size={10} />
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ f, l, r }) => (
          <tr key={f}>
            <td className="first-letter:uppercase">{label(f)}</td>
            <td className="figures text-right">{l}</td>
            <td className="figures text-right">{r}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What was measured, in the last lesson and the first, and where it is going. */
function Measured({ progress }: { progress: Progress }) {
  const { system, speed } = usePreferences();
  return (
    <section>
      <h2>Measured</h2>
      {progress.measured.map((m) => (
        <p key={m.what} className="border-t border-rule py-1.5">
          <span className="block first-letter:uppercase">{m.what}:</span> {measuredText(m, system, speed)}
        </p>
      ))}
    </section>
  );
}

/** Where the next session begins: as Today and Range say it. */
function Next({ progress }: { progress: Progress }) {
  const { system } = usePreferences();
  const link = useDayLink();
  const { riderSizes } = progress;
  if (riderSizes?.size === undefined) return null;
  return (
    <section>
      <h2>Begin next time</h2>
      <p>
        {progress.settingLabel} at{' '}
        <b className="figures">{lengthText(riderSizes.size.settingMetres, system)}</b>
        {riderSizes.size.difficulty !== undefined && (
          <>
            , difficulty <span className="figures">{difficultyText(riderSizes.size.difficulty)}</span>
          </>
        )}
        {riderSizes.weakSide && `, ${sideWord(riderSizes.weakSide)} side first`}.
      </p>
      {riderSizes.left && riderSizes.right && (
        <p className="text-sm text-soft">Two steps easier than the one to work on.</p>
      )}
      {riderSizes.left && riderSizes.right && riderSizes.working && (
        <p>
          Work on <b className="figures">{lengthText(riderSizes.working.size.settingMetres, system)}</b>:
          chance about <span className="figures">{share(riderSizes.working.chance)}</span> %, nearest to what
          is <Link to={link('/lesson/methods')}>aimed at</Link>.
        </p>
      )}
    </section>
  );
}
