import { useState } from 'react';
import { Link } from 'react-router';
import { useCourseKinds, useCourses, type Course, type CourseKind } from '../course';
import { useDay, useDayLink, type Day } from '../day';
import { useRiders, type Rider } from '../rider';
import { LONGEST_NAME, useDeviceName } from '../../shared/device';
import { usePart } from '../../shared/address';
import { together, useNews, useReading } from '../../shared/http';
import { Button, Chevron, Loading, Select, TextField } from '../../shared/ui';
import { clockTime, lengthText, secondsText, speedText, usePreferences } from '../../shared/units';
import { useRunLog } from './api';
import { CorrectRun } from './CorrectRun';
import { dayLog, type LogLine } from './dayLog';
import { entryText, observedText, Outcome, scoreText } from './marks';
import type { LoggedRun } from './outbox';
import { Saved } from './Saved';
import { useOutbox } from './useOutbox';

/** All that was logged on a day: to be put right, taken away, brought back, and to see who changed what. */
export default function LogPage() {
  useNews();
  const all = together(
    useDay(),
    useReading(useCourses()),
    useReading(useRiders()),
    useReading(useCourseKinds()),
  );
  return (
    <Loading of={all}>
      {([{ day }, courses, riders, kinds]) =>
        day === undefined ? (
          <p className="m-6">Runs are logged on a day. There is none yet.</p>
        ) : (
          <OfDay key={day.id} day={day} courses={courses} riders={riders} kinds={kinds} />
        )
      }
    </Loading>
  );
}

interface Known {
  day: Day;
  courses: Course[];
  riders: Rider[];
  kinds: CourseKind[];
}

function OfDay(known: Known) {
  const { day, courses, riders } = known;
  const link = useDayLink();
  const log = useReading(useRunLog(day.id));
  const outbox = useOutbox();
  const [device, setDevice] = useDeviceName();
  const [asked, sayRider] = usePart('rider');
  const [correcting, setCorrecting] = useState<LoggedRun>();
  const ofDay = day.riders.flatMap((r) => riders.find((o) => o.id === r.riderId) ?? []);
  return (
    <div className="mx-auto flex w-full max-w-3xl flex-col gap-4 px-4 py-3">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1>Runs of the day</h1>
        <span className="flex gap-4">
          <Link to={link('/range/files')}>Runs as files</Link>
          <Link to={link('/range')}>Back to the range</Link>
        </span>
      </div>
      <Loading of={log}>
        {(stored) => {
          const lines = dayLog(stored, outbox.box, day.id, device);
          const those = lines.filter(
            (l) => asked === null || asked === '' || String(l.run.riderId) === asked,
          );
          return (
            <>
              <div className="grid max-w-2xl grid-cols-2 gap-3">
                <Select
                  label="Rider"
                  value={asked ?? ''}
                  options={[
                    { value: '', label: 'Everybody' },
                    ...riders
                      .filter((r) => lines.some((l) => l.run.riderId === r.id))
                      .map((r) => ({ value: String(r.id), label: r.name })),
                  ]}
                  onChoose={sayRider}
                />
                <TextField
                  label="This device goes by"
                  maxLength={LONGEST_NAME}
                  value={device}
                  onChange={(e) => setDevice(e.target.value)}
                />
              </div>
              <Saved {...outbox} />
              {those.length === 0 ? (
                <p className="text-soft">No runs yet.</p>
              ) : (
                <ol>
                  {those.map((line) => (
                    <Line
                      key={line.run.id}
                      line={line}
                      {...known}
                      onCorrect={() => setCorrecting(line.run)}
                      onBack={() => outbox.correct(line.run, {})}
                    />
                  ))}
                </ol>
              )}
            </>
          );
        }}
      </Loading>
      {correcting && (
        <CorrectRun
          run={correcting}
          day={day}
          courses={courses.filter((c) => day.courseIds.includes(c.id))}
          riders={ofDay}
          kinds={known.kinds}
          outbox={outbox}
          onClose={() => setCorrecting(undefined)}
        />
      )}
    </div>
  );
}

function Line(props: Known & { line: LogLine; onCorrect: () => void; onBack: () => void }) {
  const { run, gone, device, correctedAt, earlier, kept } = props.line;
  const { system, speed } = usePreferences();
  const length = (metres: number) => lengthText(metres, system);
  const nameOf = (all: { id: number; name: string }[], id: number) =>
    all.find((o) => o.id === id)?.name ?? 'somebody else';
  const seen = [
    scoreText(run.score, length),
    run.speedMetresPerSecond === undefined ? '' : speedText(run.speedMetresPerSecond, speed),
    observedText(run.observed, length),
    run.note ?? '',
  ]
    .filter((t) => t !== '')
    .join('; ');
  const said = (r: LoggedRun) =>
    [
      nameOf(props.riders, r.riderId),
      r.drillName ?? '',
      r.side === undefined ? '' : r.side === 'LEFT' ? 'left' : 'right',
      r.settingMetres === undefined ? '' : length(r.settingMetres),
      entryText(r),
    ]
      .filter((t) => t !== '')
      .join(', ');
  return (
    <li
      data-testid="logged"
      className="grid grid-cols-[3.5rem_minmax(0,1fr)_auto] items-center gap-x-3 border-b border-rule py-2"
    >
      <span className="figures text-soft">{clockTime(run.loggedAt)}</span>
      <div className={`min-w-0 ${gone ? 'text-soft line-through' : ''}`}>
        <div className="flex items-center gap-2">
          <b className="truncate">{nameOf(props.riders, run.riderId)}</b>
          {run.side !== undefined && <Chevron side={run.side} size={12} />}
          <Outcome run={run} />
          {run.seconds !== undefined && <span className="figures">{secondsText(run.seconds)}</span>}
        </div>
        <p className="truncate text-soft">
          {run.drillName ?? (run.drillId === undefined ? '' : 'a drill that was deleted')}
          {run.drillId !== undefined && run.courseId !== undefined && ', on '}
          {run.courseId !== undefined &&
            (props.courses.find((c) => c.id === run.courseId)?.name ?? 'a course that was deleted')}
          {run.settingMetres !== undefined && (
            <>
              , <span className="figures">{length(run.settingMetres)}</span>
            </>
          )}
        </p>
        {seen !== '' && <p>{seen}</p>}
      </div>
      <div>
        {gone ? (
          <Button className="min-h-12" onClick={props.onBack}>
            Restore
          </Button>
        ) : (
          <Button className="min-h-12" onClick={props.onCorrect}>
            Correct
          </Button>
        )}
      </div>
      <div className="col-start-2 col-end-4 text-sm text-soft">
        {kept === 'device' && <span className="text-ochre">Kept on this device, on its way. </span>}
        {gone && `Deleted ${gone.at === '' ? '' : clockTime(gone.at)}${onDevice(gone.device)}. `}
        {!gone && correctedAt === undefined && device !== '' && `Logged${onDevice(device)}.`}
        {!gone && correctedAt !== undefined && `Corrected ${clockTime(correctedAt)}${onDevice(device)}. `}
        {earlier.map((e) => (
          <span key={e.id}>Before: {said(e)}. </span>
        ))}
      </div>
    </li>
  );
}

function onDevice(device: string): string {
  return device === '' ? '' : ` on ${device}`;
}
