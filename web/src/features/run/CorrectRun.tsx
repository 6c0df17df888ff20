import { Dialog } from 'radix-ui';
import { useState, type ReactNode } from 'react';
import { settingOf, type Course, type CourseKind } from '../course';
import type { Day } from '../day';
import type { Rider } from '../rider';
import { saidAt } from '../standing';
import { Button, Select, TextField, useSay } from '../../shared/ui';
import { isSame, lengthText, usePreferences } from '../../shared/units';
import type { Fault } from './api';
import { useDrillsOfDay, type DrillOfDay } from './activity';
import { toggled } from './keys';
import { FAULTS } from '../fault';
import { correction, type Changes, type LoggedRun } from './outbox';
import { Choice } from './Seen';
import { stepped } from './several';
import { FaultCounters } from './FaultCounters';
import type { HeldOutbox } from './useOutbox';

/** One run to put right, or to take away: who, where, which side, what was seen. What it was before stays on record. */
export function CorrectRun(props: {
  run: LoggedRun;
  day: Day;
  courses: Course[];
  riders: Rider[];
  kinds: CourseKind[];
  outbox: HeldOutbox;
  onClose: () => void;
}) {
  const { run, day, outbox, onClose } = props;
  const { system } = usePreferences();
  const say = useSay();
  const [to, setTo] = useState(run);
  const change = (some: Partial<LoggedRun>) => setTo((before) => ({ ...before, ...some }));
  const drills = useDrillsOfDay(day.id).data?.find((r) => r.riderId === to.riderId)?.drills ?? [];
  const settings = settingsOf(props, to);
  const size = to.settingMetres;
  const named = drills.find((d) => d.id === to.drillId);
  const sided = to.courseId !== undefined || named?.eachSide === true || to.side !== undefined;
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
    const first = settingsOf(props, { ...to, courseId })[0];
    const stays = courseId === to.courseId ? size : undefined;
    const ridden =
      drill ??
      (named?.courseIds.includes(courseId) ? named : drills.find((d) => d.usualOn.includes(courseId)));
    const settingMetres = stays ?? first ?? size;
    return {
      ...bare,
      ...drillOf(ridden),
      courseId,
      side: to.side ?? 'LEFT',
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
  const differs = JSON.stringify(wanted(to)) !== JSON.stringify(wanted(run));
  const save = () => {
    const id = outbox.correct(run, wanted(to), to.drillName);
    onClose();
    say.done('Corrected.', () => outbox.correct({ ...run, id }, {}));
  };
  const remove = () => {
    outbox.add({ kind: 'undo', id: run.id });
    onClose();
    say.done('Taken away.', () => outbox.correct(run, {}));
  };
  const counts = to.faultCounts ?? {};
  return (
    <Sheet title="Correct this run" onClose={onClose}>
      <div className="grid grid-cols-2 gap-3">
        <Select
          label="Rider"
          value={String(to.riderId)}
          options={options(props.riders, to.riderId)}
          onChoose={(id) => {
            const machineId = day.riders.find((r) => String(r.riderId) === id)?.machineId ?? to.machineId;
            change({
              riderId: Number(id),
              machineId: Number(id) === run.riderId ? run.machineId : machineId,
            });
          }}
        />
        <Select
          label="Course"
          value={to.courseId === undefined ? '' : String(to.courseId)}
          options={[
            ...(to.courseId === undefined ? [{ value: '', label: 'None' }] : []),
            ...options(props.courses, to.courseId),
          ]}
          onChoose={(id) => id !== '' && setTo(onCourse(Number(id), undefined))}
        />
      </div>
      <Select
        label="Drill"
        value={to.drillId ?? ''}
        options={[
          ...(to.courseId !== undefined ? [{ value: '', label: 'No drill in particular' }] : []),
          ...(to.drillId !== undefined && !drills.some((d) => d.id === to.drillId)
            ? [{ value: to.drillId, label: to.drillName ?? to.drillId }]
            : []),
          ...drills.map((d) => ({ value: d.id, label: d.name })),
        ]}
        onChoose={(id) => setTo(withDrill(id))}
      />
      {sided && (
        <div className="grid grid-cols-2 gap-3" role="group" aria-label="Side">
          <Choice on={to.side === 'LEFT'} onTap={() => change({ side: 'LEFT' })}>
            Left
          </Choice>
          <Choice on={to.side === 'RIGHT'} onTap={() => change({ side: 'RIGHT' })}>
            Right
          </Choice>
        </div>
      )}
      {size !== undefined && (
        <Select
          label="Setting"
          value={String(settings.find((s) => isSame(s, size)) ?? size)}
          options={settings.map((s) => ({ value: String(s), label: lengthText(s, system) }))}
          onChoose={(s) => change({ settingMetres: Number(s) })}
        />
      )}
      {to.sort === 'SPELL' ? (
        <FaultCounters
          seen={counts}
          onStep={(f, by) => {
            const faultCounts = stepped({ clean: 0, faults: counts }, f, by).faults as Record<Fault, number>;
            change({ faultCounts, faults: Object.keys(faultCounts) as Fault[] });
          }}
        />
      ) : (
        <Outcomes to={to} onChange={change} />
      )}
      <TextField
        label="Note"
        maxLength={200}
        value={to.note ?? ''}
        onChange={(e) => change({ note: e.target.value })}
      />
      <div className="flex flex-wrap gap-3">
        <Button kind="primary" className="min-h-15 flex-1" disabled={!differs} onClick={save}>
          Correct
        </Button>
        <Button className="min-h-15" onClick={remove}>
          Take it away
        </Button>
        <Button kind="quiet" className="min-h-15" onClick={onClose}>
          Leave it
        </Button>
      </div>
    </Sheet>
  );
}

/** Clean, its faults, or broken off. */
function Outcomes({ to, onChange }: { to: LoggedRun; onChange: (some: Partial<LoggedRun>) => void }) {
  const off = to.sort === 'BROKEN_OFF';
  const faulty = (faults: Fault[]) => {
    const { beforeDrop: _gone, ...observed } = to.observed ?? { technique: [] };
    onChange({
      sort: 'RUN',
      faults,
      // What came last before a drop goes with the drop.
      ...(to.observed !== undefined && !faults.includes('DROP') && { observed }),
    });
  };
  return (
    <div className="grid grid-cols-3 gap-2 sm:grid-cols-5" role="group" aria-label="What was seen">
      <Choice on={!off && to.faults.length === 0} onTap={() => faulty([])}>
        Clean
      </Choice>
      {FAULTS.map((f) => (
        <Choice
          key={f.fault}
          on={to.faults.includes(f.fault)}
          onTap={() => faulty(toggled(to.faults, f.fault))}
        >
          {f.word}
        </Choice>
      ))}
      <Choice
        on={off}
        onTap={() => {
          faulty([]);
          onChange({ sort: 'BROKEN_OFF' });
        }}
      >
        Broken off
      </Choice>
    </div>
  );
}

/** What a corrected run would say. */
function wanted(run: LoggedRun): Changes {
  const { loggedAt: _at, replaces: _of, device: _on, ...rest } = correction(run, {}, '', new Date(0));
  const { drillId, courseId, side, settingMetres } = rest;
  // Said also where it is missing: then it is taken off the run.
  return { ...rest, drillId, courseId, side, settingMetres };
}

/** Settings a run can have been ridden at: those that stand, and the one it was logged at. */
function settingsOf(
  props: { run: LoggedRun; day: Day; courses: Course[]; kinds: CourseKind[] },
  to: LoggedRun,
) {
  const course = props.courses.find((c) => c.id === to.courseId);
  const kind = props.kinds.find((k) => k.kind === course?.kind);
  if (to.courseId === undefined) return [];
  const said = saidAt(props.day, to.courseId);
  const stand = said.length > 0 ? said : course && kind ? [settingOf(course, kind)] : [];
  const ridden = props.run.settingMetres;
  const own = to.courseId === props.run.courseId && ridden !== undefined ? [ridden] : [];
  return [...stand.filter((s) => !own.some((o) => isSame(o, s))), ...own].sort((a, b) => b - a);
}

/** What there is to choose from; what is on the day no longer can be kept. */
function options(all: { id: number; name: string }[], chosen: number | undefined) {
  return [
    ...all.map((o) => ({ value: String(o.id), label: o.name })),
    ...(chosen === undefined || all.some((o) => o.id === chosen)
      ? []
      : [{ value: String(chosen), label: 'No longer on this day' }]),
  ];
}

/** A sheet over the page. */
function Sheet(props: { title: string; onClose: () => void; children: ReactNode }) {
  return (
    // Not modal by the primitive's own means: those write styles into the page, which the app's policy forbids.
    <Dialog.Root modal={false} open onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <div className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          aria-modal
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-50 mx-auto grid max-h-[92vh] w-full max-w-2xl gap-3 overflow-auto border-t border-ink bg-panel p-4 sm:bottom-auto sm:top-1/2 sm:-translate-y-1/2 sm:rounded-sm sm:border"
        >
          <Dialog.Title className="text-[1.2rem] font-bold">{props.title}</Dialog.Title>
          {props.children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
