import { useState } from 'react';
import { changed, useSaveDay, type Day } from '../day';
import { newMachine, useMachineClasses, useMachines, useSaveMachine } from '../machine';
import { LEVELS, NEW_RIDER, useSaveRider } from '../rider';
import { Button, Select, TextField, useDraft, useSay } from '../../shared/ui';

/** Somebody nobody entered: a name and what they ride, and they are on the day. */
export function NewRider(props: { day: Day; onDone: (riderId: number) => void; onLeft: () => void }) {
  const { day } = props;
  const machines = useMachines().data ?? [];
  const classes = useMachineClasses().data ?? [];
  const saveMachine = useSaveMachine();
  const saveRider = useSaveRider();
  const saveDay = useSaveDay();
  const say = useSay();
  const [name, setName] = useState('');
  const [rides, setRides] = useState('');
  const [busy, setBusy] = useState(false);
  const unsaved = useDraft({
    name: `range/rider/${day.id}`,
    value: { name, rides },
    onRestore: (kept) => {
      setName(kept.name);
      setRides(kept.rides);
    },
  });
  const add = async () => {
    const kind = classes.find((c) => `class ${c.id}` === rides);
    setBusy(true);
    try {
      const machineId =
        kind === undefined
          ? Number(rides.replace('machine ', ''))
          : (await saveMachine.mutateAsync({ machine: newMachine(kind, name) })).id;
      const rider = await saveRider.mutateAsync({ rider: { ...NEW_RIDER, name, machineId } });
      const riders = [...day.riders, { riderId: rider.id, machineId }];
      await saveDay.mutateAsync({ stored: day, day: changed(day, { riders }) });
      unsaved.stored();
      props.onDone(rider.id);
    } catch (problem) {
      say.failed(problem);
      setBusy(false);
    }
  };
  return (
    <form
      className="grid gap-2 border-l-4 border-steel bg-panel px-3 py-2"
      onSubmit={(e) => {
        e.preventDefault();
        void add();
      }}
    >
      {unsaved.question}
      <div className="grid grid-cols-2 gap-2">
        <TextField label="Name" value={name} autoFocus onChange={(e) => setName(e.target.value)} />
        <Select
          label="Rides"
          value={rides}
          options={[
            { value: '', label: 'Choose…' },
            ...classes.map((c) => ({ value: `class ${c.id}`, label: `Their own: ${c.label}` })),
            ...machines.map((m) => ({ value: `machine ${m.id}`, label: m.name })),
          ]}
          onChoose={setRides}
        />
      </div>
      <p className="text-sm text-soft">
        As a {LEVELS[NEW_RIDER.level]}, with typical figures of the class; more can be said later under
        Machines and Riders.
      </p>
      <div className="grid grid-cols-2 gap-2">
        <Button
          type="submit"
          kind="primary"
          className="min-h-12"
          disabled={busy || name.trim() === '' || rides === ''}
        >
          Add to day
        </Button>
        <Button
          className="min-h-12"
          onClick={() => {
            unsaved.letGo();
            props.onLeft();
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  );
}
