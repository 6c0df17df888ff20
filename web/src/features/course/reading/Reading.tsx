import { Link } from 'react-router';
import { useDayLink } from '../../day';
import type { Reckoned } from '../../../shared/http';
import { CautionNote, ReckoningNote, Select, Toggle } from '../../../shared/ui';
import {
  useSpeedWindows,
  type Comparison,
  type CourseKind,
  type LineChoice,
  type PairFit,
  type ReckonRequest,
} from '../api';
import { CircleEntry } from './CircleEntry';
import { DayTable } from './DayTable';
import { Mistakes } from './Mistakes';
import { drawnLine } from '../model';
import type { Pair } from '../pairs';
import { RidingMarks } from './RidingMarks';
import { RoomTable } from './RoomTable';
import { SpeedStrip } from './SpeedStrip';
import { SwingOut } from './SwingOut';
import { TightestOf } from './TightestOf';
import type { Answered } from '../useEvaluation';
import { Verdict } from './Verdict';

/** The reading column: the verdict in words first, then the figures, then everyone of the day. */
export function Reading(props: {
  answered: Answered | undefined;
  /** Whether what was answered is of somebody else. */
  pending: boolean;
  settled: ReckonRequest | undefined;
  kind: CourseKind;
  comparison: PairFit[] | undefined;
  table: Reckoned<Comparison>;
  stale: boolean;
  chosen: Pair | undefined;
  over: Pair | undefined;
  inOrder: Pair[];
  choice: LineChoice;
  onLine: (choice: LineChoice) => void;
  speed: number | undefined;
  onSpeed: (metresPerSecond: number | undefined) => void;
  onChoose: (key: string) => void;
  onOver: (key: string | undefined) => void;
  pointed: string | undefined;
  onPoint: (name: string | undefined) => void;
  marked: boolean;
  onMarked: (marked: boolean) => void;
  saved: boolean;
}) {
  const { answered, chosen, settled, kind } = props;
  const link = useDayLink();
  const windows = useSpeedWindows(settled);
  const evaluation = answered?.answer;
  const line = drawnLine(evaluation, props.choice);
  const side = props.comparison?.[props.inOrder.findIndex((p) => p.key === chosen?.key)]?.asSet;
  return (
    <aside
      aria-label="Verdict"
      className="flex flex-col gap-5 border-l border-rule bg-panel px-5 py-5 max-lg:border-l-0 max-lg:border-t"
    >
      {chosen === undefined ? (
        <p>
          No machine to reckon for. <Link to={link('/machines/new')}>Describe the first one.</Link>
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
              stale={props.stale}
              pending={props.pending}
              kind={kind}
            />
            <div className="flex flex-wrap items-end gap-4">
              <Toggle
                label="Line drawn"
                value={props.choice}
                options={[
                  { value: 'COMFORTABLE', label: 'roomy' },
                  { value: 'EASIEST', label: 'easiest of all' },
                  { value: 'ROOMIEST', label: 'most room' },
                ]}
                onChoose={props.onLine}
              />
              <Select
                label="Compare with"
                value={props.over?.key ?? ''}
                options={[
                  { value: '', label: 'no other machine' },
                  ...props.inOrder
                    .filter((p) => p.key !== chosen.key)
                    .map((p) => ({ value: p.key, label: p.machine.name })),
                ]}
                onChoose={(v) => props.onOver(v === '' ? undefined : v)}
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
              speed={props.speed}
              onSpeed={props.onSpeed}
            />
          ) : (
            <p className="text-sm text-soft">Speed window, an estimate</p>
          )}
          <ReckoningNote of={windows} what="the speeds" />
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
            fits={props.comparison}
            sided={kind.turning === 'ONE_SIDE'}
            inOrder={props.inOrder}
            chosen={chosen?.key}
            stale={props.stale}
            onChoose={props.onChoose}
          />
          <div className="-my-3 min-h-10">
            <ReckoningNote of={props.table} what="the table" />
          </div>
        </>
      )}
      {settled && kind.turning !== 'STRAIGHT' && <Mistakes of={settled} />}
      {line && line.marks.length > 0 && (
        <RidingMarks line={line} shown={props.marked} onShow={props.onMarked} />
      )}
      {line && <RoomTable line={line} pointed={props.pointed} onPoint={props.onPoint} />}
      {settled && <TightestOf key={JSON.stringify(settled)} of={settled} kind={kind} />}
      {settled && kind.swingsOut && <SwingOut of={settled} />}
      {evaluation?.plan.notes.map((n) => (
        <p key={n}>{n}</p>
      ))}
      {evaluation?.cautions.map((c) => (
        <CautionNote key={c.code}>{c.message}</CautionNote>
      ))}
      <p className="mt-auto border-t border-rule pt-3 text-sm text-soft">
        Lines, speeds and chances of a clean run, in 100, are estimates from the machine’s figures, the
        rider’s level and their runs. Wheels are kept inside painted lines; bars and pegs pass over them. One
        machine moving at a time, on dry, swept ground. A licensed instructor and local rules come first.
      </p>
    </aside>
  );
}
