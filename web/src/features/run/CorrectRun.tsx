import type { Course, CourseKind } from '../course';
import type { Day } from '../day';
import type { Rider } from '../rider';
import { Button, Select, TextField, useSay } from '../../shared/ui';
import { isSame, lengthText, usePreferences } from '../../shared/units';
import type { Fault } from './api';
import { FaultCounters } from './FaultCounters';
import { Outcomes } from './Outcomes';
import type { LoggedRun } from './outbox';
import { Choice } from './Seen';
import { stepped } from './several';
import { Sheet } from './Sheet';
import { useCorrection } from './useCorrection';
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
  const { to, change, drills, settings, sided, toCourse, toDrill, wanted, differs } = useCorrection(props);
  const size = to.settingMetres;
  const save = () => {
    const id = outbox.correct(run, wanted, to.drillName);
    onClose();
    say.done('Corrected.', () => outbox.correct({ ...run, id }, {}));
  };
  const remove = () => {
    outbox.add({ kind: 'undo', id: run.id });
    onClose();
    say.done('Run deleted.', () => outbox.correct(run, {}));
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
          onChoose={(id) => id !== '' && toCourse(Number(id))}
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
        onChoose={toDrill}
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
          Delete run
        </Button>
        <Button kind="quiet" className="min-h-15" onClick={onClose}>
          Cancel
        </Button>
      </div>
    </Sheet>
  );
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
