import { useState } from 'react';
import { settingOf, type Course, type CourseKind } from '../course';
import type { Day } from '../day';
import { saidAt } from '../sizes';
import { isSame } from '../../shared/units';
import { useDrillsOfDay, type DrillOfDay } from './activity';
import { correction, type Changes, type LoggedRun } from './outbox';

/** A run, and where it can have been ridden. */
export interface Corrected {
  run: LoggedRun;
  day: Day;
  courses: Course[];
  kinds: CourseKind[];
}

/** A run as it is being put right: what it would be, and what it can become. */
export function useCorrection(of: Corrected) {
  const { run, day } = of;
  const [to, setTo] = useState(run);
  const change = (some: Partial<LoggedRun>) => setTo((before) => ({ ...before, ...some }));
  const drills = useDrillsOfDay(day.id).data?.find((r) => r.riderId === to.riderId)?.drills ?? [];
  const settings = settingsOf(of, to);
  const size = to.settingMetres;
  const named = drills.find((d) => d.id === to.drillId);
  const isStraight = (courseId: number | undefined) => kindOf(of, courseId)?.turning === 'STRAIGHT';
  const sided =
    !isStraight(to.courseId) &&
    (to.courseId !== undefined || named?.eachSide === true || to.side !== undefined);
  const {
    courseId: _course,
    settingMetres: _size,
    side: _side,
    drillId: _drill,
    drillName: _name,
    ...bare
  } = to;
  const drillOf = (drill: DrillOfDay | undefined) =>
    drill === undefined ? {} : { drillId: drill.id, drillName: drill.name };
  const onCourse = (courseId: number, drill: DrillOfDay | undefined): LoggedRun => {
    const first = settingsOf(of, { ...to, courseId })[0];
    const stays = courseId === to.courseId ? size : undefined;
    const ridden =
      drill ??
      (named?.courseIds.includes(courseId) ? named : drills.find((d) => d.usualOn.includes(courseId)));
    const settingMetres = stays ?? first ?? size;
    return {
      ...bare,
      ...drillOf(ridden),
      courseId,
      ...(!isStraight(courseId) && { side: to.side ?? 'LEFT' }),
      ...(settingMetres !== undefined && { settingMetres }),
    };
  };
  const withDrill = (id: string): LoggedRun => {
    const drill = drills.find((d) => d.id === id);
    if (drill === undefined) {
      const { drillId: _id, drillName: _of, ...others } = to;
      return others;
    }
    const [first] = drill.courseIds;
    if (first === undefined) {
      return { ...bare, ...drillOf(drill), ...(drill.eachSide && { side: to.side ?? 'LEFT' }) };
    }
    const stays = to.courseId !== undefined && drill.courseIds.includes(to.courseId);
    return onCourse(stays ? (to.courseId ?? first) : first, drill);
  };
  return {
    to,
    change,
    drills,
    settings,
    sided,
    /** Has it ridden on another course. */
    toCourse: (courseId: number) => setTo(onCourse(courseId, undefined)),
    /** Has it be of another drill, on one of its courses where it has any. */
    toDrill: (id: string) => setTo(withDrill(id)),
    wanted: wanted(to),
    differs: JSON.stringify(wanted(to)) !== JSON.stringify(wanted(run)),
  };
}

/** What a corrected run would say. */
function wanted(run: LoggedRun): Changes {
  const { loggedAt: _at, replaces: _of, device: _on, ...rest } = correction(run, {}, '', new Date(0));
  const { drillId, courseId, side, settingMetres } = rest;
  // Said also where it is missing: then it is taken off the run.
  return { ...rest, drillId, courseId, side, settingMetres };
}

function kindOf(of: Corrected, courseId: number | undefined): CourseKind | undefined {
  const course = of.courses.find((c) => c.id === courseId);
  return of.kinds.find((k) => k.kind === course?.kind);
}

/** Settings a run can have been ridden at: those that stand, and the one it was logged at. */
function settingsOf(of: Corrected, to: LoggedRun) {
  const course = of.courses.find((c) => c.id === to.courseId);
  const kind = kindOf(of, to.courseId);
  if (to.courseId === undefined) return [];
  const said = saidAt(of.day, to.courseId);
  const stand = said.length > 0 ? said : course && kind ? [settingOf(course, kind)] : [];
  const ridden = of.run.settingMetres;
  const own = to.courseId === of.run.courseId && ridden !== undefined ? [ridden] : [];
  return [...stand.filter((s) => !own.some((o) => isSame(o, s))), ...own].sort((a, b) => b - a);
}
