import { Figure, Term } from '../../../shared/ui';
import {
  lengthText,
  sayLength,
  speedText,
  difficultyText,
  uncertaintyText,
  usePreferences,
} from '../../../shared/units';
import type { CourseKind, Fit, Line, SideFit } from '../api';
import { ANSWERS, atTheEnds, inSentence, ladderOf, verdict } from '../model';
import type { Pair } from '../pairs';

/** The verdict in a line, that stays in view where the reading stands far below the drawing; the reading says it aloud. */
export function VerdictLine(props: { fit: Fit | undefined; line: Line | undefined; pending: boolean }) {
  const { system, speed } = usePreferences();
  const { fit, line } = props;
  return (
    <p
      aria-hidden="true"
      className="no-print sticky top-0 z-10 -mx-6 min-h-10 border-b border-rule bg-page px-6 py-1.5 font-semibold lg:hidden"
    >
      {fit === undefined || props.pending ? (
        'Calculating…'
      ) : (
        <span className={ANSWERS[fit.answer].tone}>{verdict(fit, line, system, speed).head}</span>
      )}
    </p>
  );
}

/** Whether it fits, in words first, then the figures that matter. */
export function Verdict(props: {
  fit: Fit;
  line: Line | undefined;
  side: SideFit | undefined;
  pair: Pair;
  stale: boolean;
  /** Whether the figures are still of somebody else: their place is kept. */
  pending: boolean;
  kind: CourseKind;
}) {
  const { fit, line, side, pair } = props;
  const { system, speed } = usePreferences();
  const words = verdict(fit, line, system, speed);
  const ends = atTheEnds(line, system);
  const clearance = sayLength(fit.spare.metres, system, fit.spare.uncertaintyMetres);
  const out = uncertaintyText(fit.spare.uncertaintyMetres, system);
  const limit = side?.limitMetres === undefined ? undefined : sayLength(side.limitMetres, system);
  const needed = side?.neededMetres === undefined ? undefined : sayLength(side.neededMetres, system);
  const used = line?.steeringShare ?? fit.steeringShare;
  const percent = used === undefined ? undefined : Math.max(0, Math.round(used * 100));
  const setting = inSentence(ladderOf(props.kind).label);
  const hidden = props.pending ? 'invisible' : '';
  const straight = props.kind.turning === 'STRAIGHT';
  return (
    <section aria-live="polite" className="grid gap-3">
      <h2 className="text-xl leading-snug">
        {props.pending ? (
          'Calculating…'
        ) : (
          <>
            <span className={ANSWERS[fit.answer].tone}>{words.head}</span> {words.tail}
          </>
        )}
      </h2>
      <p className={hidden}>
        {pair.rider?.name ?? 'A developing rider'} on the {pair.machine.name}.{ends && ` ${ends}`}
        {fit.slowest && (
          <>
            {' '}
            At {speedText(fit.slowest.speedMetresPerSecond, speed)}, nearly upright, it{' '}
            {fit.slowest.metres < 0 ? 'lacks' : 'leaves'}{' '}
            <span className="figures">{lengthText(Math.abs(fit.slowest.metres), system)}</span>
            {fit.slowest.metres < 0 && fit.spare.metres > 0 ? ': too upright to turn so tightly.' : '.'}
          </>
        )}
      </p>
      <div className={`grid grid-cols-2 gap-x-4 gap-y-3 ${hidden}`}>
        <Figure
          name={fit.spare.metres < 0 ? 'Clearance missing' : 'Largest clearance'}
          figure={`${fit.spareCapped ? '> ' : ''}${clearance.figure}`}
          unit={clearance.unit}
          {...(!fit.spareCapped && out !== undefined && { after: out })}
        />
        <Figure
          name="Steering used"
          figure={percent === undefined ? '–' : percent > 999 ? '> 999' : String(percent)}
          unit={percent === undefined ? '' : '%'}
        />
        {!straight && (
          <div className={`contents ${props.stale ? 'opacity-50' : ''}`}>
            <Figure
              name={<Term word="difficulty">Difficulty</Term>}
              figure={side?.difficulty === undefined ? '…' : difficultyText(side.difficulty)}
            />
            <Figure
              name={`${difficultyText(1)} difficult at a ${setting} of`}
              figure={limit?.figure ?? '…'}
              unit={limit?.unit ?? ''}
            />
          </div>
        )}
      </div>
      <p className={`min-h-[1.45em] ${hidden} ${props.stale ? 'opacity-50' : ''}`}>
        {needed && (
          <>
            This rider needs a {setting} of <span className="figures">{needed.figure}</span> {needed.unit} at
            least.
          </>
        )}
      </p>
    </section>
  );
}
