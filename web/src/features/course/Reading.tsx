import { Link } from 'react-router';
import { useDayLink } from '../day';
import { CautionNote, Chevron, Figure, sideWord } from '../../shared/ui';
import { degreesText, lengthText, sayLength, speedText, usePreferences } from '../../shared/units';
import { DayTable } from './DayTable';
import { ANSWERS, verdict } from './model';
import type { Pair } from './pairs';
import type { Answered } from './useEvaluation';

/** The reading column: the verdict in words first, then the figures, then everyone of the day. */
export function Reading(props: {
  answered: Answered | undefined;
  pairs: Pair[];
  inOrder: Pair[];
  onChoose: (key: string) => void;
  saved: boolean;
}) {
  const { answered, pairs } = props;
  const link = useDayLink();
  return (
    <aside
      aria-label="Verdict"
      className="flex flex-col gap-5 border-l border-rule bg-panel px-5 py-5 max-lg:border-l-0 max-lg:border-t"
    >
      {pairs.length === 0 ? (
        <p>
          No machine to reckon for. <Link to={link('/machines/new')}>Describe the first one.</Link>
        </p>
      ) : (
        answered && <Verdict answered={answered} first={pairs[0]} />
      )}
      {answered && pairs.length > 0 && <DayTable {...props} answered={answered} />}
      {answered?.evaluation.cautions.map((c) => (
        <CautionNote key={c.code}>{c.message}</CautionNote>
      ))}
      <p className="mt-auto border-t border-rule pt-3 text-sm text-soft">
        Rolling turns are estimates from the rider’s level, without swinging out. Wheels are kept inside the
        lines; bars and pegs pass over them, so only flat markers along the sides. One machine moving at a
        time, on dry, swept ground. A licensed instructor and local rules come first.
      </p>
    </aside>
  );
}

function Verdict({ answered, first }: { answered: Answered; first: Pair | undefined }) {
  const { system, speed } = usePreferences();
  const pair = answered.evaluation.pairs[0];
  if (pair === undefined || first === undefined) return null;
  const fit = pair.asSet;
  const words = verdict(fit, system);
  const room = sayLength(fit.room.metres, system);
  const limit = sayLength(fit.limitMetres, system);
  const used = Math.round(fit.turnUsed * 100);
  const idle = first.machine.turn.idleWalkingSpeedMetresPerSecond;
  return (
    <section aria-live="polite" className="grid gap-3">
      <h2 className="text-[1.35rem] leading-snug">
        <span className={ANSWERS[fit.answer].tone}>{words.head}</span> {words.tail}
      </h2>
      <p>
        <Chevron side={fit.side} /> {first.rider?.name ?? 'A developing rider'} on the {first.machine.name},
        turning {sideWord(fit.side)}
        {fit.speedMetresPerSecond === undefined
          ? ' with the bars at the stop before moving.'
          : ` at ${speedText(fit.speedMetresPerSecond, speed)}, leaning ${degreesText(fit.leanRadians)}.`}{' '}
        {fit.speedMetresPerSecond !== undefined && idle !== undefined && idle > fit.speedMetresPerSecond && (
          <>Idle walks at {speedText(idle, speed)}: it needs the friction zone.</>
        )}
      </p>
      <div className="grid grid-cols-2 gap-x-4 gap-y-3">
        <Figure name="Tightness" figure={fit.tightness.toFixed(2)} />
        <Figure name="Machine’s own limit" figure={limit.figure} unit={limit.unit} />
        <Figure name="Turn used" figure={used > 999 ? '> 999' : String(used)} unit="%" />
        <Figure
          name="Room"
          figure={room.figure}
          unit={room.unit}
          after={`± ${lengthText(fit.room.uncertaintyMetres, system)}`}
        />
      </div>
    </section>
  );
}
