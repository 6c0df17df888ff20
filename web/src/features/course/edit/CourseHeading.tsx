import { useState } from 'react';
import { NextStep, useChangeDay, useGoOn, type Day } from '../../day';
import { Button, Select, useDeleting, useSay, useDraft } from '../../../shared/ui';
import { useArchiveCourse, useDeleteCourse, useSaveCourse, type Course, type CourseRequest } from '../api';
import { requestOf, same } from '../model';

/** Name, choice, saving, copying, archiving and deleting of the course. */
export function CourseHeading(props: {
  stored: Course | undefined;
  course: CourseRequest;
  courses: Course[];
  day: Day | undefined;
  /** Whether a new course is more than the standard one of its kind. */
  touched: boolean;
  onChange: (some: Partial<CourseRequest>) => void;
  onOpen: (id: number | 'new') => void;
}) {
  const { stored, course, day } = props;
  const [base, setBase] = useState(stored);
  const save = useSaveCourse();
  const { change: changeDay } = useChangeDay();
  const say = useSay();
  const changedNow = stored === undefined || !same(stored, course);
  const unsaved = useDraft({
    name: `course/${stored?.id ?? 'new'}`,
    value: course,
    dirty: stored === undefined ? props.touched : changedNow,
    onRestore: props.onChange,
  });
  const goOn = useGoOn(unsaved.letGo);
  const addToDay = async (id: number) => {
    if (day === undefined || day.courseIds.includes(id)) return;
    await changeDay(day, { courseIds: [...day.courseIds, id] }, `Now on ${day.title}.`);
  };
  const store = (what: CourseRequest, over: Course | undefined, said: string, leaving = false) =>
    save
      .mutateAsync({ ...(over && { stored: over }), course: what })
      .then(async (saved) => {
        say.done(said);
        setBase(saved);
        if (over !== undefined) return;
        if (stored === undefined) await addToDay(saved.id);
        if (leaving) {
          await goOn('COURSE');
          return;
        }
        unsaved.letGo();
        props.onOpen(saved.id);
      })
      .catch(say.failed);
  const wanting = course.name.trim() === '' || save.isPending;
  const openNext = (gone: Course) => {
    unsaved.letGo();
    props.onOpen(props.courses.find((c) => c.id !== gone.id && !c.archived)?.id ?? 'new');
  };
  return (
    <div className="flex flex-wrap items-end justify-between gap-3">
      {unsaved.question}
      <div className="min-w-0 flex-1 max-sm:basis-full">
        <h1 className="sr-only">{course.name}</h1>
        <input
          aria-label="Name of the course"
          maxLength={80}
          className="w-full border-b border-transparent bg-transparent text-2xl font-bold leading-tight hover:border-rule focus:border-ink"
          value={course.name}
          onChange={(e) => props.onChange({ name: e.target.value })}
        />
      </div>
      <Select
        label="Courses"
        value={stored === undefined ? 'new' : String(stored.id)}
        options={[
          ...props.courses.filter((c) => !c.archived).map((c) => ({ value: String(c.id), label: c.name })),
          { value: 'new', label: 'New course…' },
          ...props.courses
            .filter((c) => c.archived)
            .map((c) => ({ value: String(c.id), label: `${c.name} (archived)` })),
        ]}
        onChoose={(v) => props.onOpen(v === 'new' ? 'new' : Number(v))}
      />
      {stored !== undefined &&
        !stored.archived &&
        day !== undefined &&
        !day.courseIds.includes(stored.id) && (
          <Button onClick={() => void addToDay(stored.id)}>Add to day</Button>
        )}
      {stored !== undefined && (
        <>
          <Button
            disabled={save.isPending}
            onClick={() =>
              void store(
                { ...course, name: `${course.name.slice(0, 75)}, copy` },
                undefined,
                'Duplicated as it stands here.',
              )
            }
          >
            Duplicate
          </Button>
          <Archiving stored={stored} onGone={openNext} onOpen={props.onOpen} />
        </>
      )}
      <Button
        {...(stored !== undefined && { kind: 'primary' as const })}
        data-save
        disabled={wanting}
        // Once it is saved it keeps the focus, with nothing to do.
        aria-disabled={!changedNow}
        onClick={() =>
          changedNow &&
          void store(course, base, 'Course saved. Runs already logged keep the setting they were ridden at.')
        }
      >
        {changedNow ? 'Save course' : 'Saved'}
      </Button>
      {stored === undefined && (
        <Button
          kind="primary"
          disabled={wanting}
          onClick={() => void store(course, base, 'Course saved.', true)}
        >
          Save and go on
        </Button>
      )}
      {!changedNow && <NextStep here="COURSE" />}
    </div>
  );
}

/** Archives a course; an archived one is restored or deleted. */
function Archiving(props: { stored: Course; onGone: (gone: Course) => void; onOpen: (id: number) => void }) {
  const { stored, onGone, onOpen } = props;
  const archive = useArchiveCourse();
  const remove = useDeleteCourse();
  const save = useSaveCourse();
  const deleting = useDeleting();
  const say = useSay();
  const put = (course: Course, archived: boolean): Promise<Course> =>
    archive.mutateAsync({ course, archived });
  const restored = (course: Course) =>
    put(course, false).then((back) => {
      onOpen(back.id);
      say.done(`${back.name} is restored.`);
    });
  if (!stored.archived) {
    return (
      <Button
        disabled={archive.isPending}
        onClick={() =>
          void put(stored, true)
            .then((gone) => {
              onGone(gone);
              say.done(`${gone.name} is archived. Runs ridden on it are kept.`, () => {
                restored(gone).catch(say.failed);
              });
            })
            .catch(say.failed)
        }
      >
        Archive
      </Button>
    );
  }
  return (
    <>
      <Button disabled={archive.isPending} onClick={() => void restored(stored).catch(say.failed)}>
        Restore
      </Button>
      <Button
        disabled={remove.isPending}
        onClick={() =>
          void deleting(stored, {
            remove: () => remove.mutateAsync(stored),
            onGone: () => onGone(stored),
            restore: () => save.mutateAsync({ course: requestOf(stored) }),
            onBack: (back) => onOpen(back.id),
          })
        }
      >
        Delete
      </Button>
    </>
  );
}
