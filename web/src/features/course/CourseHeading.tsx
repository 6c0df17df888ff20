import { changed, useSaveDay, type Day } from '../day';
import { Button, Select, useSay } from '../../shared/ui';
import { useSaveCourse, type Course, type CourseRequest } from './api';
import { same } from './model';

/** Name, choice and saving of the course. */
export function CourseHeading(props: {
  stored: Course | undefined;
  course: CourseRequest;
  courses: Course[];
  day: Day | undefined;
  onChange: (some: Partial<CourseRequest>) => void;
  onOpen: (id: number | 'new') => void;
}) {
  const { stored, course, day } = props;
  const save = useSaveCourse();
  const saveDay = useSaveDay();
  const say = useSay();
  const changedNow = stored === undefined || !same(stored, course);
  const addToDay = (id: number) => {
    if (day === undefined || day.courseIds.includes(id)) return;
    // Not by the mutation's own callbacks: opening the saved course leaves this page before they come.
    saveDay
      .mutateAsync({ id: day.id, day: changed(day, { courseIds: [...day.courseIds, id] }) })
      .then(() => say.done(`Now on ${day.title}.`))
      .catch(say.failed);
  };
  const submit = () =>
    save.mutate(
      { ...(stored && { id: stored.id }), course },
      {
        onSuccess: (saved) => {
          say.done('Course saved. Runs already logged keep the setting they were ridden at.');
          if (stored === undefined) {
            addToDay(saved.id);
            props.onOpen(saved.id);
          }
        },
        onError: say.failed,
      },
    );
  return (
    <div className="flex flex-wrap items-end justify-between gap-3">
      <div className="min-w-0 flex-1 max-sm:basis-full">
        <h1 className="sr-only">{course.name}</h1>
        <input
          aria-label="Name of the course"
          maxLength={80}
          className="w-full border-b border-transparent bg-transparent text-[1.75rem] font-bold leading-tight hover:border-rule focus:border-ink"
          value={course.name}
          onChange={(e) => props.onChange({ name: e.target.value })}
        />
      </div>
      <Select
        label="U-turn boxes"
        value={stored === undefined ? 'new' : String(stored.id)}
        options={[
          ...props.courses.map((c) => ({ value: String(c.id), label: c.name })),
          { value: 'new', label: 'New box…' },
        ]}
        onChoose={(v) => props.onOpen(v === 'new' ? 'new' : Number(v))}
      />
      {stored !== undefined && day !== undefined && !day.courseIds.includes(stored.id) && (
        <Button onClick={() => addToDay(stored.id)}>Put on the day</Button>
      )}
      <Button
        kind="primary"
        disabled={!changedNow || course.name.trim() === '' || save.isPending}
        onClick={submit}
      >
        {changedNow ? 'Save course' : 'Saved'}
      </Button>
    </div>
  );
}
