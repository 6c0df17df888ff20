import { useState } from 'react';
import { Link } from 'react-router';
import { NextStep, useDay, useDayLink, type Day } from '../day';
import { useReading } from '../../shared/http';
import { Button, Downloads, Loading, Select } from '../../shared/ui';
import { useLesson, type Lesson } from './api';
import { BlockDetail } from './BlockDetail';
import { generalFindings } from './model';
import { OrderList } from './OrderList';
import { Riders } from './Riders';
import { SettingsBar } from './SettingsBar';
import { Strip } from './Strip';
import { useLessonEdit, type LessonEdit } from './useLessonEdit';

/** The day's lesson as one strip of time. */
export function RunningOrder() {
  const day = useDay();
  const link = useDayLink();
  return (
    <Loading of={day}>
      {({ day: d }) =>
        d === undefined ? (
          <p className="m-6">
            A lesson is planned for a day. <Link to={link('/today')}>Make the first one.</Link>
          </p>
        ) : (
          <OfDay key={d.id} day={d} />
        )
      }
    </Loading>
  );
}

function OfDay({ day }: { day: Day }) {
  const lesson = useReading(useLesson(day.id));
  return <Loading of={lesson}>{(l) => <Shown day={day} lesson={l} />}</Loading>;
}

function Shown({ day, lesson }: { day: Day; lesson: Lesson }) {
  const edit = useLessonEdit(lesson);
  const firstDrills = lesson.blocks.findIndex((b) => b.sort === 'DRILLS');
  const [said, setChosen] = useState<number>();
  const chosen = said !== undefined && said < lesson.blocks.length ? said : Math.max(0, firstDrills);
  return (
    <div className="flex flex-col gap-4 px-6 py-3 max-sm:px-3">
      <SettingsBar edit={edit} />
      <General edit={edit} />
      {lesson.blocks.length > 0 && (
        <>
          <Strip edit={edit} date={day.date} chosen={chosen} onChoose={setChosen} />
          <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)_18rem]">
            <div>
              <OrderList edit={edit} chosen={chosen} onChoose={setChosen} />
              <AddStation edit={edit} />
            </div>
            <BlockDetail edit={edit} index={chosen} />
            <div className="flex flex-col gap-4">
              <Riders edit={edit} />
              <div className="flex flex-wrap gap-3">
                {!lesson.kept && (
                  <Button kind="primary" disabled={edit.busy} onClick={() => edit.change({})}>
                    Save this plan
                  </Button>
                )}
                <NextStep here="LESSON" />
              </div>
              <Downloads pdf={`/api/days/${day.id}/lesson.pdf`} />
            </div>
          </div>
        </>
      )}
    </div>
  );
}

/** What is said of the lesson as a whole, and what would mend what it breaks. */
function General({ edit }: { edit: LessonEdit }) {
  const { findings, stations, repairs } = edit.lesson;
  const general = generalFindings(findings);
  const without = (where: string) => stations.find((s) => where === `stations.${s.id}`)?.without.join(', ');
  if (general.length === 0 && repairs.length === 0) return null;
  return (
    <div role="status" className="border-l-4 border-ochre bg-panel py-1 pl-3">
      <ul>
        {general.map((f) => (
          <li key={f.message}>
            {f.message} {f.code === 'nobody' && <Today />}
            <span className="text-soft">{without(f.where)}</span>
          </li>
        ))}
      </ul>
      {repairs.length > 0 && (
        <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
          <span>{general.length === 0 ? 'To mend what is marked:' : 'What would do:'}</span>
          {repairs.map(({ said, settings }) =>
            settings === undefined ? (
              <span key={said} className="text-soft">
                {said}
              </span>
            ) : (
              <Button
                key={said}
                kind="quiet"
                className="no-print"
                disabled={edit.busy}
                onClick={() => edit.change(settings)}
              >
                {said}
              </Button>
            ),
          )}
        </div>
      )}
    </div>
  );
}

function Today() {
  const link = useDayLink();
  return <Link to={link('/today')}>To Today.</Link>;
}

/** Puts a station at the end of the order. */
function AddStation({ edit }: { edit: LessonEdit }) {
  return (
    <div className="no-print mt-2 max-w-xs">
      <Select
        label="Add a station"
        value=""
        disabled={edit.busy}
        options={[
          { value: '', label: 'Choose…' },
          ...edit.lesson.stations.map((s) => ({
            value: s.id,
            label: s.without.length === 0 ? s.name : `${s.name} (not for all yet)`,
          })),
        ]}
        onChoose={(station) => station !== '' && edit.setWishes([...edit.lesson.order, { station }])}
      />
    </div>
  );
}
