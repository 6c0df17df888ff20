import { useState } from 'react';
import { NextStep } from '../day';
import { Button, Select, TextField, useSay, useUnsavedDraft } from '../../shared/ui';
import { useDeleteMachine, useSaveMachine, useTurnReport, type Machine, type MachineClass } from './api';
import { CircleFields } from './CircleFields';
import { FigureFields } from './FigureFields';
import { draftOf, fresh, requestOf, TRANSMISSIONS, type Draft } from './model';
import { TurnTable } from './TurnTable';

/** Describes a machine; the turn that follows stands beside it at once. */
export function MachineForm(props: {
  machine: Machine | undefined;
  classes: MachineClass[];
  /** Whether it was stored just now, by the button that has to keep the focus. */
  justSaved: boolean;
  onSaved: (saved: Machine) => void;
  onDeleted: () => void;
}) {
  const { machine, classes } = props;
  const classOf = (id: string) => classes.find((c) => c.id === id) ?? (classes[0] as MachineClass);
  const [draft, setDraft] = useState<Draft>(() =>
    machine ? draftOf(machine, classOf(machine.classId)) : fresh(classOf('twin-300')),
  );
  const kind = classOf(draft.classId);
  const request = requestOf(draft, kind);
  const report = useTurnReport(request);
  const [stored, setStored] = useState(machine);
  const save = useSaveMachine();
  const remove = useDeleteMachine();
  const say = useSay();
  const unsaved = useUnsavedDraft(draft);
  const change = (some: Partial<Draft>) => setDraft((before) => ({ ...before, ...some }));
  const submit = () =>
    !save.isPending &&
    save.mutate(
      { ...(stored && { stored }), machine: request },
      {
        onSuccess: (saved) => {
          setStored(saved);
          unsaved.stored();
          say.done('Machine saved.');
          props.onSaved(saved);
        },
        onError: say.failed,
      },
    );
  return (
    <form
      className="grid content-start gap-6 xl:grid-cols-[minmax(0,1fr)_24rem]"
      onSubmit={(e) => {
        e.preventDefault();
        submit();
      }}
    >
      {unsaved.question}
      <div className="grid content-start gap-4">
        <div className="grid gap-4 sm:grid-cols-3">
          <TextField
            label="Name"
            maxLength={80}
            value={draft.name}
            onChange={(e) => change({ name: e.target.value })}
          />
          <Select
            label="Class to start from"
            value={draft.classId}
            options={classes.map((c) => ({ value: c.id, label: c.label }))}
            onChoose={(id) => {
              const next = classOf(id);
              change({
                classId: id,
                transmission: next.transmission,
                ...(draft.name === kind.label ? { name: next.label } : {}),
              });
            }}
          />
          <Select
            label="Transmission"
            value={draft.transmission}
            options={TRANSMISSIONS}
            onChoose={(v) => change({ transmission: v })}
          />
        </div>
        <TurnTable report={report.data} />
        {report.isError && (
          <p role="alert" className="text-brick">
            {report.error.message}
          </p>
        )}
        <CircleFields circles={draft.circles} onChange={(circles) => change({ circles })} />
      </div>
      <div className="grid content-start gap-3">
        <FigureFields kind={kind} measured={draft.measured} onChange={(measured) => change({ measured })} />
        <div className="flex items-center gap-3">
          <Button kind="primary" type="submit" autoFocus={props.justSaved} disabled={report.isError}>
            Save machine
          </Button>
          {stored && (
            <Button
              onClick={() =>
                remove.mutate(stored, {
                  onSuccess: () => {
                    say.done('Machine deleted.');
                    unsaved.letGo();
                    props.onDeleted();
                  },
                  onError: say.failed,
                })
              }
            >
              Delete
            </Button>
          )}
          {stored && <NextStep here="MACHINES" own={{ path: '/riders/new', name: 'Riders' }} />}
        </div>
      </div>
    </form>
  );
}
