import { useState } from 'react';
import { keptDraft } from '../../shared/kept';
import { Link } from 'react-router';
import { useCourses } from '../course';
import { changed, useDayLink, useSaveDay, type Day, type DayRequest } from '../day';
import { useMachines } from '../machine';
import { useRiders } from '../rider';
import { useYards } from '../yard';
import { CourseOrder } from './CourseOrder';
import { DeleteDay } from './DeleteDay';
import { Button, Select, TextField, useDraft, useSay } from '../../shared/ui';

/** Who and what is on the day. */
export function DayEditor({ day }: { day: Day }) {
  // What was typed and not saved is seen at once.
  const [open, setOpen] = useState(() => day.riders.length === 0 || keptDraft(nameOf(day)) !== undefined);
  return (
    <section className="border-t border-rule pt-3">
      <Button aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Close' : 'Change the day'}
      </Button>
      {open && <Editor key={day.id} day={day} />}
    </section>
  );
}

const nameOf = (day: Day) => `day/${day.id}`;

function Editor({ day }: { day: Day }) {
  const [draft, setDraft] = useState<DayRequest>(() => changed(day, {}));
  const all = useRiders().data ?? [];
  const riders = all.filter((r) => !r.archived || draft.riders.some((o) => o.riderId === r.id));
  const machines = useMachines().data ?? [];
  const courses = useCourses().data ?? [];
  const yards = useYards().data ?? [];
  const [stored, setStored] = useState(day);
  const save = useSaveDay();
  const say = useSay();
  const link = useDayLink();
  const unsaved = useDraft({ name: nameOf(day), value: draft, onRestore: setDraft });
  const change = (some: Partial<DayRequest>) => setDraft((before) => ({ ...before, ...some }));
  const machineOf = (riderId: number) => draft.riders.find((r) => r.riderId === riderId)?.machineId;
  const setMachine = (riderId: number, machineId: number | undefined) => {
    const others = draft.riders.filter((r) => r.riderId !== riderId);
    if (machineId === undefined) return change({ riders: others });
    const at = draft.riders.findIndex((r) => r.riderId === riderId);
    const pair = { riderId, machineId };
    change({ riders: at < 0 ? [...others, pair] : draft.riders.with(at, pair) });
  };
  return (
    <form
      className="mt-3 grid gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        save.mutate(
          { stored, day: draft },
          {
            onSuccess: (saved) => {
              setStored(saved);
              unsaved.stored();
              say.done('Day saved.');
            },
            onError: say.failed,
          },
        );
      }}
    >
      {unsaved.question}
      <div className="grid gap-4 sm:grid-cols-3">
        <TextField
          label="Date"
          type="date"
          value={draft.date}
          onChange={(e) => change({ date: e.target.value })}
        />
        <TextField
          label="Title"
          maxLength={80}
          value={draft.title}
          onChange={(e) => change({ title: e.target.value })}
        />
        <Select
          label="Yard"
          value={String(draft.yardId ?? '')}
          options={[
            { value: '', label: 'Not chosen' },
            ...yards.map((y) => ({ value: String(y.id), label: y.name })),
          ]}
          onChoose={(v) => {
            const { yardId: _before, ...others } = draft;
            setDraft({ ...others, stands: [], ...(v !== '' && { yardId: Number(v) }) });
          }}
        />
      </div>
      <fieldset>
        <legend className="mb-1 font-semibold">Courses</legend>
        {courses.length === 0 && <Link to={link('/course/new')}>Plan the first course</Link>}
        <div className="flex flex-wrap gap-x-6 gap-y-1">
          {courses.map((c) => (
            <label key={c.id} className="thumb flex items-center gap-2">
              <input
                type="checkbox"
                checked={draft.courseIds.includes(c.id)}
                onChange={(e) =>
                  change({
                    courseIds: e.target.checked
                      ? [...draft.courseIds, c.id]
                      : draft.courseIds.filter((id) => id !== c.id),
                    stands: draft.stands.filter((s) => s.courseId !== c.id),
                  })
                }
              />
              {c.name}
            </label>
          ))}
        </div>
        <CourseOrder
          courses={draft.courseIds.flatMap((id) => courses.find((c) => c.id === id) ?? [])}
          onOrder={(courseIds) => change({ courseIds })}
        />
      </fieldset>
      <fieldset>
        <legend className="mb-1 font-semibold">Riders and their machines</legend>
        {riders.length === 0 && <Link to={link('/riders/new')}>Describe the first rider</Link>}
        <div className="grid gap-x-6 gap-y-2 sm:grid-cols-2">
          {riders.map((r) => (
            <Select
              key={r.id}
              label={r.name}
              value={String(machineOf(r.id) ?? '')}
              options={[
                { value: '', label: 'Not on this day' },
                ...machines.map((m) => ({ value: String(m.id), label: m.name })),
              ]}
              onChoose={(v) => setMachine(r.id, v === '' ? undefined : Number(v))}
            />
          ))}
        </div>
      </fieldset>
      <div className="flex flex-wrap items-start gap-3">
        <Button
          kind="primary"
          type="submit"
          disabled={draft.title.trim() === '' || draft.date === '' || save.isPending}
        >
          Save the day
        </Button>
        <DeleteDay day={stored} />
      </div>
    </form>
  );
}
