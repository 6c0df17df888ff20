import { useState } from 'react';
import { ladderOf, useCourseKinds, type CourseKind } from '../course';
import { LengthField } from '../length';
import { useMachines, type Machine } from '../machine';
import { together, useReading } from '../../shared/http';
import { Button, Loading, Select, TextField, useSay, useDraft } from '../../shared/ui';
import { useSaveGoal, type Goal, type GoalOf } from './api';

/** Says what a rider wants to be able to ride. */
export function GoalForm(props: { riderId: number; stored: GoalOf; onDone: () => void }) {
  const all = together(useReading(useCourseKinds()), useReading(useMachines()));
  return (
    <Loading of={all}>
      {([kinds, machines]) =>
        machines.length === 0 ? (
          <p>A goal is for a machine: describe one first.</p>
        ) : (
          <Form {...props} kinds={kinds.filter((k) => k.turning !== 'STRAIGHT')} machines={machines} />
        )
      }
    </Loading>
  );
}

function Form(props: {
  riderId: number;
  stored: GoalOf;
  kinds: CourseKind[];
  machines: Machine[];
  onDone: () => void;
}) {
  const { stored, kinds, machines } = props;
  const [name, setName] = useState(stored.goal?.name ?? '');
  const [kindId, setKind] = useState(stored.goal?.kind ?? kinds.find((k) => k.usual)?.kind ?? '');
  const [machineId, setMachine] = useState(String(stored.goal?.machineId ?? machines[0]?.id ?? ''));
  const [setting, setSetting] = useState(stored.goal?.setting);
  const [by, setBy] = useState(stored.goal?.by ?? '');
  const [everyDays, setEveryDays] = useState(String(stored.goal?.everyDays ?? ''));
  const save = useSaveGoal(props.riderId);
  const say = useSay();
  const unsaved = useDraft({
    name: `goal/${props.riderId}`,
    value: { name, kindId, machineId, setting, by, everyDays },
    onRestore: (kept) => {
      setName(kept.name);
      setKind(kept.kindId);
      setMachine(kept.machineId);
      setSetting(kept.setting);
      setBy(kept.by);
      setEveryDays(kept.everyDays);
    },
  });
  const kind = kinds.find((k) => k.kind === kindId);
  const distance = everyDays.trim() === '' ? undefined : Number(everyDays);
  const wholeDays = distance === undefined || Number.isInteger(distance);
  const keep = (goal: Goal | undefined) =>
    save.mutate(
      { stored, goal },
      {
        onSuccess: () => {
          unsaved.stored();
          say.done(goal === undefined ? 'Goal deleted.' : 'Goal saved.');
          props.onDone();
        },
        onError: say.failed,
      },
    );
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (setting !== undefined && wholeDays && !save.isPending)
          keep({
            name,
            kind: kindId,
            machineId: Number(machineId),
            setting,
            ...(by !== '' && { by }),
            ...(distance !== undefined && { everyDays: distance }),
          });
      }}
    >
      {unsaved.question}
      <TextField
        label="What it is"
        maxLength={80}
        placeholder="the street at home"
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <Select
        label="Ridden like"
        value={kindId}
        options={kinds.map((k) => ({ value: k.kind, label: k.label }))}
        onChoose={setKind}
      />
      {kind && (
        <LengthField label={ladderOf(kind).label} value={setting} placeholder="7.3 m" onRead={setSetting} />
      )}
      <Select
        label="On"
        value={machineId}
        options={machines.map((m) => ({ value: String(m.id), label: m.name }))}
        onChoose={setMachine}
      />
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label="Wanted by, if a day is set"
          type="date"
          value={by}
          onChange={(e) => setBy(e.target.value)}
        />
        <TextField
          label="Days between lessons"
          inputMode="numeric"
          placeholder="7"
          value={everyDays}
          onChange={(e) => setEveryDays(e.target.value)}
        />
      </div>
      {!wholeDays && <p className="text-sm text-soft">Days between lessons: a whole number.</p>}
      <div className="flex flex-wrap gap-3">
        <Button
          kind="primary"
          type="submit"
          disabled={name.trim() === '' || setting === undefined || !wholeDays || save.isPending}
        >
          Keep goal
        </Button>
        {stored.goal && (
          <Button disabled={save.isPending} onClick={() => keep(undefined)}>
            Delete goal
          </Button>
        )}
        <Button
          kind="quiet"
          onClick={() => {
            unsaved.letGo();
            props.onDone();
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  );
}
