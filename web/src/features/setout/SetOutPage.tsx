import type { ReactNode } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { requestOf, settingOf, useCourseKinds, useCourses, useSaveCourse, type Course } from '../course';
import { NextStep, useDay, useDayLink, type Day } from '../day';
import { chosen, useAddress } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Button, Downloads, Loading, NotHere, Select, useSay } from '../../shared/ui';
import { usePreferences } from '../../shared/units';
import { useMachines } from '../machine';
import { useRiders } from '../rider';
import { LiesIn } from '../kit';
import { letterOf, saidAt, useStandingOf, useWhatStands, WhatStandsPanel } from '../standing';
import { letter, sideText, useYards, type Yard } from '../yard';
import { useAlso, useRidingMarks, useSheet, type SetOutRequest } from './api';
import { ChangeOverView } from './ChangeOverView';
import { DayOrderView } from './DayOrderView';
import { SheetView } from './SheetView';
import { useWho, type Who } from './useWho';

/** Where the cones go, to be printed or read off a phone. */
export default function SetOutPage() {
  const all = together(
    useDay(),
    useReading(useCourses()),
    useReading(useYards()),
    useReading(useMachines()),
    useReading(useRiders()),
  );
  return (
    <Loading of={all}>
      {([{ day }, courses, yards]) => <Shown day={day} courses={courses} yards={yards} />}
    </Loading>
  );
}

function Shown({ day, courses, yards }: { day: Day | undefined; courses: Course[]; yards: Yard[] }) {
  const { id } = useParams();
  const navigate = useNavigate();
  const link = useDayLink();
  const [search, set] = useAddress();
  const who = useWho(day);
  const ofDay = (day?.courseIds ?? []).flatMap((c) => courses.find((o) => o.id === c) ?? []);
  const all = ofDay.length > 0 ? ofDay : courses;
  const { one: shown, missing } = chosen(courses, id, all[0]);
  if (missing) {
    return (
      <NotHere what="course">
        <Link to={link('/set-out')}>The day’s first.</Link>
      </NotHere>
    );
  }
  if (shown === undefined) {
    return (
      <div className="m-6 max-w-xl">
        <h1 className="mb-3">Set-out</h1>
        <p>
          The tape measurements for every cone stand here once there is a course.{' '}
          <Link to={link('/course/new')}>Plan a course.</Link>
        </p>
      </div>
    );
  }
  const oneByOne = search.get('one') !== null;
  const stand = day?.stands.find((s) => s.courseId === shown.id)?.stand;
  const yard = yards.find((y) => y.id === day?.yardId);
  const along = stand && yard ? alongOf(search.get('along') ?? '') : undefined;
  const rider = {
    ...(day && { dayId: String(day.id) }),
    ...(who.pair && {
      machineId: String(who.pair.machine.id),
      level: who.pair.rider?.level ?? 'DEVELOPING',
    }),
  };
  const ridden = `?${new URLSearchParams(rider).toString()}`;
  const asked = new URLSearchParams({
    ...rider,
    ...(along && {
      line: along.line,
      number: String(along.number),
      fromItsEnd: String(along.fromItsEnd),
    }),
  }).toString();
  const query = asked === '' ? '' : `?${asked}`;
  return (
    <div className="flex flex-1 flex-col px-6 py-4 print:p-0">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h1>{shown.name}</h1>
        {!oneByOne && (
          <div className="no-print flex flex-wrap items-end gap-3 max-sm:grid max-sm:w-full max-sm:grid-cols-2">
            {yard && stand && (
              <Select
                label="Measure from"
                value={along ? (search.get('along') ?? '') : ''}
                options={[
                  { value: '', label: 'the course’s own corner' },
                  ...yard.corners.flatMap((_, i) => sidesOf(i, yard)),
                  ...yard.ground.bayRows.map((row, i) => ({
                    value: `${i}r`,
                    label: `the row of ${row.count} bays`,
                  })),
                ]}
                onChoose={(v) => set('along', v)}
              />
            )}
            <Select
              label="Course"
              value={String(shown.id)}
              options={all.map((c) => ({ value: String(c.id), label: c.name }))}
              onChoose={(v) => void navigate(link(`/set-out/${v}`))}
            />
            {who.choice}
            <Button kind="primary" onClick={() => window.print()}>
              Print
            </Button>
            <NextStep here="SET_OUT" own={{ path: '/range', name: 'Range' }} />
          </div>
        )}
      </div>
      <Sheet
        key={shown.id}
        course={shown}
        day={day}
        stand={stand}
        along={along}
        who={who}
        oneByOne={oneByOne}
        onOneByOne={(on) => set('one', on ? '1' : '')}
        stands={day?.courseIds.includes(shown.id) === true && <Stands day={day} course={shown} />}
      >
        <div className="mt-4">
          <Downloads
            pdf={`/api/courses/${shown.id}/set-out.pdf${query}`}
            files={[
              { label: 'CSV', path: `/api/courses/${shown.id}/set-out.csv${query}` },
              { label: 'SVG', path: `/api/courses/${shown.id}/drawing.svg${ridden}` },
              { label: 'DXF', path: `/api/courses/${shown.id}/drawing.dxf${ridden}` },
              { label: 'the course as JSON', path: `/api/courses/${shown.id}/export.json` },
            ]}
          />
        </div>
        <ChangeOverView
          course={shown}
          others={all.filter((c) => c.id !== shown.id)}
          day={day}
          along={along}
          to={search.get('to') ?? ''}
          onTo={(to) => set('to', to)}
        />
        {day && ofDay.length > 1 && <DayOrderView key={day.id} day={day} courses={ofDay} />}
      </Sheet>
    </div>
  );
}

/** The settings it stands at, and who rides which. */
function Stands({ day, course }: { day: Day; course: Course }) {
  const kind = useCourseKinds().data?.find((k) => k.kind === course.kind);
  const stands = useWhatStands(day, course.id, kind ? settingOf(course, kind) : 0);
  const of = useStandingOf(day.id, course.id, stands.settings).data;
  const save = useSaveCourse();
  const say = useSay();
  if (kind === undefined) return null;
  return (
    <WhatStandsPanel day={day} courseId={course.id} stands={stands}>
      {stands.settings.length > 1 && (
        <LiesIn
          letters={stands.settings.slice(1).map((_, i) => letterOf(i + 1))}
          markers={course.markers}
          within={course.within}
          lying={of?.lying}
          best={of?.lyingBest}
          disabled={save.isPending}
          onChoose={(within) =>
            save
              .mutateAsync({ stored: course, course: { ...requestOf(course), within } })
              .then(() => say.done('The settings lie in these now.'))
              .catch(say.failed)
          }
        />
      )}
    </WhatStandsPanel>
  );
}

/** A side of the yard from either end, as it stands in the address; a row of bays ends in r. */
function sidesOf(side: number, yard: Yard) {
  const n = yard.corners.length;
  const called = sideText(side, n, yard.ground.sideNames?.[side]);
  return [
    { value: `${side}a`, label: `${called}, from ${letter(side)}` },
    { value: `${side}b`, label: `${called}, from ${letter((side + 1) % n)}` },
  ];
}

function alongOf(text: string): SetOutRequest['along'] {
  const read = /^(\d+)([abr])$/.exec(text);
  return read
    ? { line: read[2] === 'r' ? 'BAY_ROW' : 'SIDE', number: Number(read[1]), fromItsEnd: read[2] === 'b' }
    : undefined;
}

function Sheet(props: {
  course: Course;
  day: Day | undefined;
  stand: SetOutRequest['stand'];
  along: SetOutRequest['along'];
  who: Who;
  oneByOne: boolean;
  onOneByOne: (on: boolean) => void;
  /** Which settings stand, and who rides which. */
  stands: ReactNode;
  /** What follows the sheet; drawn with it, so that nothing moves when it comes. */
  children: ReactNode;
}) {
  const { system } = usePreferences();
  const { day, stand, along, who } = props;
  const course = requestOf(props.course);
  const asked = {
    laid: { course, standsAt: saidAt(day, props.course.id) },
    system,
    ...(day?.yardId !== undefined && { yardId: day.yardId }),
    ...(stand && { stand }),
    ...(along && { along }),
  };
  const also = useAlso(day, props.course.id);
  const sheet = useReading(useSheet(asked));
  const marks = useRidingMarks(
    who.pair && {
      setOut: asked,
      machineId: who.pair.machine.id,
      level: who.pair.rider?.level ?? 'DEVELOPING',
    },
  );
  return (
    <Loading of={sheet}>
      {(setOut) => (
        <>
          <SheetView
            course={course}
            laid={asked.laid}
            setOut={setOut}
            day={day}
            who={who}
            chalked={marks.data?.marks ?? []}
            also={also}
            ticksKey={`${day?.id ?? 0}/${props.course.id}`}
            oneByOne={props.oneByOne}
            onOneByOne={props.onOneByOne}
            stands={props.stands}
          />
          {!props.oneByOne && props.children}
        </>
      )}
    </Loading>
  );
}
