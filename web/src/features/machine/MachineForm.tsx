import { useState } from 'react';
import { SaveAndGoOn, useGoOn } from '../day';
import { Button, Select, TextField, useDeleting, useSay, useDraft } from '../../shared/ui';
import { usePreferences } from '../../shared/units';
import { useDeleteMachine, useSaveMachine, useTurnReport, type Machine, type MachineClass } from './api';
import { CircleFields } from './CircleFields';
import { FigureFields } from './FigureFields';
import { asRequest, copyOf, draftOf, fresh, requestOf, TRANSMISSIONS, type Draft } from './model';
import { TurnTable } from './TurnTable';

const TO_RIDERS = { path: '/riders/new', name: 'Riders' };

/** Describes a machine; the turn that follows stands beside it at once. */
export function MachineForm(props: {
  machine: Machine | undefined;
  /** The one that a new machine is a copy of, if of any. */
  like: Machine | undefined;
  classes: MachineClass[];
  /** Whether it was stored just now, by the button that has to keep the focus. */
  justSaved: boolean;
  onSaved: (saved: Machine) => void;
  onDeleted: () => void;
  /** Starts a new one from what is stored of this one. */
  onCopy: () => void;
}) {
  const { machine, classes, like } = props;
  const { system } = usePreferences();
  const classOf = (id: string) => classes.find((c) => c.id === id) ?? (classes[0] as MachineClass);
  const [draft, setDraft] = useState<Draft>(() =>
    machine
      ? draftOf(machine, classOf(machine.classId), system)
      : like
        ? copyOf(like, classOf(like.classId), system)
        : fresh(classOf('twin-300'), system),
  );
  const kind = classOf(draft.classId);
  const request = requestOf(draft, kind);
  const report = useTurnReport(request);
  const measured = Object.keys(draft.measured).length;
  const [opened] = useState(measured > 0);
  const [stored, setStored] = useState(machine);
  const save = useSaveMachine();
  const remove = useDeleteMachine();
  const say = useSay();
  const unsaved = useDraft({
    name: `machine/${machine?.id ?? 'new'}`,
    value: draft,
    onRestore: setDraft,
  });
  const change = (some: Partial<Draft>) => setDraft((before) => ({ ...before, ...some }));
  const goOn = useGoOn(unsaved.letGo);
  const submit = (leaving: boolean) => {
    if (save.isPending) return;
    save
      .mutateAsync({ ...(stored && { stored }), machine: request })
      .then(async (saved) => {
        setStored(saved);
        unsaved.stored();
        say.done('Machine saved.');
        if (leaving) await goOn('MACHINES', { own: TO_RIDERS });
        else props.onSaved(saved);
      })
      .catch(say.failed);
  };
  const deleting = useDeleting();
  const deleted = (gone: Machine) =>
    deleting(gone, {
      remove: () => remove.mutateAsync(gone),
      onGone: () => {
        unsaved.letGo();
        props.onDeleted();
      },
      restore: () => save.mutateAsync({ machine: asRequest(gone) }),
      onBack: props.onSaved,
    });
  return (
    <form
      className="grid grid-cols-1 content-start gap-6 xl:grid-cols-[24rem_minmax(0,1fr)]"
      onSubmit={(e) => {
        e.preventDefault();
        submit(stored === undefined);
      }}
    >
      {unsaved.question}
      <div className="grid content-start gap-4">
        <TextField
          label="Name"
          maxLength={80}
          value={draft.name}
          onChange={(e) => change({ name: e.target.value })}
        />
        <div className="grid gap-4 sm:grid-cols-2">
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
        <CircleFields
          circles={draft.circles}
          questions={report.data?.questions ?? []}
          onChange={(circles) => change({ circles })}
        />
        <SaveAndGoOn
          what="machine"
          stored={stored !== undefined}
          disabled={report.isError}
          justSaved={props.justSaved}
          here="MACHINES"
          own={TO_RIDERS}
          onSave={() => submit(false)}
        >
          {stored && (
            <>
              <Button onClick={props.onCopy}>Copy</Button>
              <Button disabled={remove.isPending} onClick={() => void deleted(stored)}>
                Delete
              </Button>
            </>
          )}
        </SaveAndGoOn>
        <details className="border-t border-rule pt-3" open={opened}>
          <summary className="cursor-pointer font-semibold">
            More figures
            <span className="font-normal text-soft">
              {measured === 0 ? ': all typical of the class' : `: ${measured} measured`}
            </span>
          </summary>
          <FigureFields
            kind={kind}
            measured={draft.measured}
            system={draft.system}
            onChange={(measured) => change({ measured })}
          />
        </details>
      </div>
      <div className="grid content-start gap-4">
        <TurnTable report={report.data} />
        {report.isError && (
          <p role="alert" className="text-brick">
            {report.error.message}
          </p>
        )}
      </div>
    </form>
  );
}
