import { useState, type ReactNode } from 'react';
import { settingOf, type Course, type CourseKind } from '../course';
import type { Day } from '../day';
import { moved, useDaySizes, useActiveSizes } from '../sizes';
import { useRange, type Side } from './api';
import type { Activity } from './activity';
import { AdviceBox } from './AdviceBox';
import { stepped } from './keys';
import { MoveCones } from './MoveCones';
import { shown } from './outbox';
import { RunLogger, type Around } from './RunLogger';
import { SizeStepper } from './SizeStepper';
import { Sizes } from './Sizes';
import { useRidden } from './useRidden';
import type { HeldOutbox } from './useOutbox';

/** One rider on one course, at one of its sizes. */
export function OnCourse(props: {
  day: Day;
  of: { dayId: number; riderId: number; machineId: number };
  activity: Activity & { course: Course; kind: CourseKind | undefined };
  turning: { side: Side; onSide: (side: Side) => void };
  around: Omit<Around, 'onSize'>;
  outbox: HeldOutbox;
  head: ReactNode;
  /** What else can be ridden. */
  children: ReactNode;
}) {
  const { day, of, activity, outbox, turning } = props;
  const { course, drill, kind } = activity;
  const stands = useActiveSizes(day, course.id, kind ? settingOf(course, kind) : 0);
  const who = useDaySizes(day.id, course.id, stands.settings);
  const own = who.data?.stands.riders.find((r) => r.riderId === of.riderId);
  const { setting, choose } = useRidden(
    `${day.id}.${course.id}.${of.riderId}`,
    stands.settings,
    own?.settingMetres,
  );
  const [proposed, setProposed] = useState<number>();
  const on = { ...of, courseId: course.id };
  // Which setting suits them is on its way: what it brings is asked for once, not without a setting first.
  const suitsComes = (who.isPending || who.isPlaceholderData) && who.failureCount === 0;
  const known = useRange({ ...on, settingMetres: setting }, setting !== undefined || !suitsComes);
  const riderSizes = known.data?.riderSizes;
  const runs = shown(
    known.data?.runs ?? [],
    outbox.box,
    (r) => r.dayId === day.id && r.riderId === of.riderId && r.courseId === course.id,
  );
  const straight = kind?.turning === 'STRAIGHT';
  // Straight on there are no sides: what is said of both is the same.
  const isLeft = straight || turning.side === 'LEFT';
  const unknown = known.failed ? 'lost' : 'coming';
  const sizes = riderSizes?.ladder.sizes.map((r) => r.settingMetres) ?? [];
  const propose = (by: 1 | -1) => {
    if (setting === undefined) return;
    const next = stepped(sizes, proposed ?? setting, by);
    setProposed(next === setting ? undefined : next);
  };
  const onSize = sizes.length > 0 ? propose : undefined;
  return (
    <RunLogger
      ridden={{
        of: { ...on, ...(drill && { drillId: drill.drillId }) },
        drill,
        on: { course, sizeMetres: setting, sizes: stands.settings },
      }}
      turning={straight ? undefined : turning}
      runs={runs}
      known={{
        unscored: known.data?.unscored ?? [],
        earlier: known.data === undefined ? unknown : setting === undefined ? 'coming' : 'known',
        reached: !known.failed,
      }}
      around={{ ...props.around, onSize }}
      outbox={outbox}
      head={props.head}
    >
      {props.children}
      {!straight && (
        <SizeStepper
          setting={setting}
          chance={
            setting === undefined ? undefined : isLeft ? known.data?.chanceLeft : known.data?.chanceRight
          }
          onSize={onSize}
        />
      )}
      <Sizes course={course} stands={stands} setting={setting} onSetting={choose} />
      {proposed !== undefined && setting !== undefined && (
        <MoveCones
          day={day.id}
          course={course.id}
          rider={of.riderId}
          settings={moved(stands.settings, setting, proposed)}
          from={setting}
          to={proposed}
          onMoved={() => {
            stands.stand(moved(stands.settings, setting, proposed));
            choose(proposed);
            setProposed(undefined);
          }}
          onLeft={() => setProposed(undefined)}
        />
      )}
      <AdviceBox
        riderId={of.riderId}
        setting={setting}
        placed={own !== undefined}
        advice={isLeft ? known.data?.nextLeft : known.data?.nextRight}
        riderSizes={riderSizes}
        back={isLeft ? known.data?.backLeft : known.data?.backRight}
        laddered={sizes.length > 0}
        onMove={proposed === undefined ? propose : undefined}
      />
    </RunLogger>
  );
}
