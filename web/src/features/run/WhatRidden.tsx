import type { Course } from '../course';
import type { Activity, DrillOfDay } from './activity';

const CHIP = 'min-h-12 shrink-0 rounded-sm border px-3';

/** What is chosen to be ridden. */
export type Wanted = { drill?: string; course?: number };

/** What is ridden now, to be changed in one tap: as the lesson plan has it, a course of the day, or any other drill. */
export function WhatRidden(props: {
  activity: Activity | undefined;
  courses: Course[];
  drills: DrillOfDay[];
  /** Whether it is what the lesson plan has; missing without a lesson. */
  byPlan: boolean | undefined;
  onChoose: (wanted: Wanted) => void;
}) {
  const { activity, courses, drills, byPlan, onChoose } = props;
  const course = activity?.course;
  const onCourse = course === undefined ? [] : drills.filter((d) => d.courseIds.includes(course.id));
  const onNone = drills.filter((d) => d.courseIds.length === 0);
  const named = activity?.drill?.drillId ?? '';
  const known = [...onCourse, ...onNone].some((d) => d.id === named);
  const chip = (name: string, on: boolean, wanted: Wanted) => (
    <button
      key={name}
      type="button"
      aria-pressed={on}
      className={`${CHIP} ${on ? 'border-ink bg-ink text-page' : 'border-edge bg-panel'}`}
      onClick={() => onChoose(wanted)}
    >
      {name}
    </button>
  );
  return (
    <div
      role="group"
      aria-label="What is ridden"
      className="-mx-4 flex items-stretch gap-2 overflow-x-auto px-4 py-0.5"
    >
      {byPlan !== undefined && chip('By the plan', byPlan, {})}
      {courses.map((c) => chip(c.name, byPlan !== true && c.id === course?.id, { course: c.id }))}
      <select
        aria-label="Drill"
        className={`${CHIP} max-w-56 border-edge bg-panel`}
        value={named}
        onChange={(e) => {
          const to = drills.find((d) => d.id === e.target.value);
          const stays = course !== undefined && (to === undefined || to.courseIds.includes(course.id));
          onChoose({
            ...(e.target.value !== '' && { drill: e.target.value }),
            ...(stays && { course: course.id }),
          });
        }}
      >
        {named === '' && <option value="">Other drill…</option>}
        {!known && named !== '' && <option value={named}>{activity?.drill?.drillName}</option>}
        {onCourse.length > 0 && (
          <optgroup label={`On ${course?.name ?? ''}`}>
            {onCourse.map((d) => (
              <option key={d.id} value={d.id}>
                {d.name}
              </option>
            ))}
          </optgroup>
        )}
        <optgroup label="Without a course">
          {onNone.map((d) => (
            <option key={d.id} value={d.id}>
              {d.name}
            </option>
          ))}
        </optgroup>
      </select>
    </div>
  );
}
