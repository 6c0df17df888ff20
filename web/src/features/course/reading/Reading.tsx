import { Link } from 'react-router';
import { useDayLink } from '../../day';
import { CautionNote, CalculationNote, Select, Toggle } from '../../../shared/ui';
import { useSpeedWindows, type CourseKind } from '../api';
import { CircleEntry } from './CircleEntry';
import { DayTable } from './DayTable';
import { Mistakes } from './Mistakes';
import { RidingMarks } from './RidingMarks';
import { ClearanceTable } from './ClearanceTable';
import { SpeedStrip } from './SpeedStrip';
import { SwingOut } from './SwingOut';
import { TightestOf } from './TightestOf';
import type { CourseAnswers } from '../useCourseAnswers';
import type { ChangeView, CourseView } from '../useCourseView';
import { Verdict } from './Verdict';

/** The reading column: the verdict in words first, then the figures, then everyone of the day. */
export function Reading(props: {
  answers: CourseAnswers;
  kind: CourseKind;
  view: CourseView;
  onView: ChangeView;
}) {
  const { answers, kind, view, onView } = props;
  const { answered, chosen, settled, line } = answers;
  const link = useDayLink();
  const windows = useSpeedWindows(settled);
  const evaluation = answered?.answer;
  const fits = answers.comparison.data?.rows;
  const stale = answers.comparison.stale || settled === undefined;
  const side = fits?.[answers.pairs.findIndex((p) => p.key === chosen?.key)]?.asSet;
  return (
    <aside
      aria-label="Verdict"
      className="flex flex-col gap-5 border-l border-rule bg-panel px-5 py-5 max-lg:border-l-0 max-lg:border-t"
    >
      {chosen === undefined ? (
        <p>
          No machine to calculate for. <Link to={link('/machines/new')}>Describe the first one.</Link>
        </p>
      ) : evaluation === undefined ? (
        <p className="text-soft">Calculating…</p>
      ) : (
        evaluation.fit && (
          <>
            <Verdict
              fit={evaluation.fit}
              line={line}
              side={side}
              pair={chosen}
              stale={stale}
              pending={answers.pending}
              kind={kind}
            />
            <div className="flex flex-wrap items-end gap-4">
              <Toggle
                label="Line drawn"
                value={view.line}
                options={[
                  { value: 'COMFORTABLE', label: 'roomy' },
                  { value: 'EASIEST', label: 'easiest of all' },
                  { value: 'ROOMIEST', label: 'most clearance' },
                ]}
                onChoose={(line) => onView({ line })}
              />
              <Select
                label="Compare with"
                value={answers.over?.key ?? ''}
                options={[
                  { value: '', label: 'no other machine' },
                  ...answers.pairs
                    .filter((p) => p.key !== chosen.key)
                    .map((p) => ({ value: p.key, label: p.machine.name })),
                ]}
                onChoose={(v) => onView({ over: v === '' ? undefined : v })}
              />
            </div>
          </>
        )
      )}
      {(windows.data ?? settled) && (
        <div className={`min-h-40 ${windows.stale || settled === undefined ? 'opacity-50' : ''}`}>
          {windows.data ? (
            <SpeedStrip
              windows={windows.data}
              drawn={evaluation?.fit?.speedMetresPerSecond}
              speed={view.speedMetresPerSecond}
              onSpeed={(speedMetresPerSecond) => onView({ speedMetresPerSecond })}
            />
          ) : (
            <p className="text-sm text-soft">Speed window, an estimate</p>
          )}
          <CalculationNote of={windows} what="the speeds" />
        </div>
      )}
      {kind.measuresTurn && chosen && answered && (
        <CircleEntry
          key={`${chosen.key}/${answered.request.course.firstTurn}/${answered.request.course.options.posture}`}
          machine={chosen.machine}
          side={answered.request.course.firstTurn}
          posture={answered.request.course.options.posture === 'LEANED' ? 'LEANED' : 'UPRIGHT'}
        />
      )}
      {evaluation?.fit && (
        <>
          <DayTable
            kind={kind.kind}
            fits={fits}
            sided={kind.turning === 'ONE_SIDE'}
            inOrder={answers.pairs}
            chosen={chosen?.key}
            stale={stale}
            onChoose={(chosen) => onView({ chosen })}
          />
          <div className="-my-3 min-h-10">
            <CalculationNote of={answers.limits} what="the table" />
          </div>
        </>
      )}
      {settled && kind.turning !== 'STRAIGHT' && <Mistakes of={settled} />}
      {line && line.marks.length > 0 && (
        <RidingMarks line={line} shown={view.marked} onShow={(marked) => onView({ marked })} />
      )}
      {line && (
        <ClearanceTable line={line} pointed={view.pointed} onPoint={(pointed) => onView({ pointed })} />
      )}
      {settled && <TightestOf key={JSON.stringify(settled)} of={settled} kind={kind} />}
      {settled && kind.swingsOut && <SwingOut of={settled} />}
      {evaluation?.plan.notes.map((n) => (
        <p key={n}>{n}</p>
      ))}
      {evaluation?.cautions.map((c) => (
        <CautionNote key={c.code}>{c.message}</CautionNote>
      ))}
      <p className="mt-auto border-t border-rule pt-3 text-sm text-soft">
        Lines, speeds and chances of a clean run are estimates from the machine’s figures, the rider’s level
        and their runs. Wheels are kept inside painted lines; bars and pegs pass over them. One machine moving
        at a time, on dry, swept ground. A licensed instructor and local rules come first.
      </p>
    </aside>
  );
}
