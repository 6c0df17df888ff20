import { Figure } from '../../shared/ui';
import { degreesText, lengthText, sayLength, speedText, usePreferences } from '../../shared/units';
import type { CourseKind, Fit, SideFit } from './api';
import { ANSWERS, inSentence, ladderOf, verdict } from './model';
import type { Pair } from './pairs';

/** Whether it fits, in words first, then the figures that matter. */
export function Verdict(props: {
  fit: Fit;
  side: SideFit | undefined;
  pair: Pair;
  stale: boolean;
  kind: CourseKind;
}) {
  const { fit, side, pair } = props;
  const { system, speed } = usePreferences();
  const words = verdict(fit, system);
  const room = sayLength(fit.spare.metres, system);
  const limit = side?.limitMetres === undefined ? undefined : sayLength(side.limitMetres, system);
  const needed = side?.neededMetres === undefined ? undefined : sayLength(side.neededMetres, system);
  const used = fit.turnUsed === undefined ? undefined : Math.round(fit.turnUsed * 100);
  const lean = Math.max(fit.left.leanRadians, fit.right.leanRadians);
  const setting = inSentence(ladderOf(props.kind).label);
  return (
    <section aria-live="polite" className="grid gap-3">
      <h2 className="text-[1.35rem] leading-snug">
        <span className={ANSWERS[fit.answer].tone}>{words.head}</span> {words.tail}
      </h2>
      <p>
        {pair.rider?.name ?? 'A developing rider'} on the {pair.machine.name},
        {fit.speedMetresPerSecond === undefined
          ? ' with the bars at the stop before moving.'
          : ` at ${speedText(fit.speedMetresPerSecond, speed)}, leaning up to ${degreesText(lean)}.`}
      </p>
      <div className="grid grid-cols-2 gap-x-4 gap-y-3">
        <Figure
          name="Room to spare"
          figure={`${fit.spareCapped ? '> ' : ''}${room.figure}`}
          unit={room.unit}
          {...(!fit.spareCapped &&
            fit.spare.uncertaintyMetres > 0 && {
              after: `± ${lengthText(fit.spare.uncertaintyMetres, system)}`,
            })}
        />
        <Figure
          name="Turn used"
          figure={used === undefined ? '–' : used > 999 ? '> 999' : String(used)}
          unit={used === undefined ? '' : '%'}
        />
        <div className={`contents ${props.stale ? 'opacity-50' : ''}`}>
          <Figure name="Tightness" figure={side?.tightness === undefined ? '…' : side.tightness.toFixed(2)} />
          <Figure name={`Machine’s own ${setting}`} figure={limit?.figure ?? '…'} unit={limit?.unit ?? ''} />
        </div>
      </div>
      {needed && (
        <p className={props.stale ? 'opacity-50' : ''}>
          This rider needs a {setting} of <span className="figures">{needed.figure}</span> {needed.unit} at
          least.
        </p>
      )}
    </section>
  );
}
