import { readNumber } from '../../shared/units';
import { useState } from 'react';
import { todayIso } from '../day';
import { LengthField } from '../length';
import { useMachines, type Machine } from '../machine';
import { useReading } from '../../shared/http';
import { Button, Loading, Select, TextField, useSay, useDraft } from '../../shared/ui';
import { useLogPractice, type PracticeRequest } from './api';
import { typedCount } from './words';

type Of = {
  riderId: number;
  kind: string;
  settingLabel: string;
  lastRidden: string | undefined;
  onDone: () => void;
};

/** Logs what a rider tells of their practice alone. */
export function PracticeForm(props: Of) {
  return (
    <Loading of={useReading(useMachines())}>
      {(machines) =>
        machines.length === 0 ? (
          <p>Practice is on a machine: describe one first.</p>
        ) : (
          <Form {...props} machines={machines} />
        )
      }
    </Loading>
  );
}

function Form({ riderId, kind, settingLabel, lastRidden, machines, onDone }: Of & { machines: Machine[] }) {
  const theirs = machines.find((m) => m.name === lastRidden) ?? machines[0];
  const [draft, setDraft] = useState({
    on: todayIso(new Date()),
    machineId: String(theirs?.id ?? ''),
    minutes: '10',
    leftClean: '',
    leftRuns: '',
    rightClean: '',
    rightRuns: '',
    note: '',
  });
  const [setting, setSetting] = useState<PracticeRequest['setting']>();
  const log = useLogPractice(riderId);
  const say = useSay();
  const unsaved = useDraft({
    name: `practice/${riderId}/${kind}`,
    value: { draft, setting },
    onRestore: (kept) => {
      setDraft(kept.draft);
      setSetting(kept.setting);
    },
  });
  const field = (name: keyof typeof draft) => ({
    value: draft[name],
    onChange: (e: { target: { value: string } }) => setDraft({ ...draft, [name]: e.target.value }),
  });
  const left = typedCount(draft.leftClean, draft.leftRuns);
  const right = typedCount(draft.rightClean, draft.rightRuns);
  const minutes = readNumber(draft.minutes) ?? 0;
  const counted = (left?.runs ?? 0) + (right?.runs ?? 0) > 0;
  const missing =
    left === undefined || right === undefined
      ? 'Clean runs, and runs in all: whole numbers, no more clean than there were.'
      : !(minutes > 0)
        ? 'Say how many minutes it was.'
        : counted && setting === undefined
          ? `Say the ${settingLabel.toLowerCase()}, so that the runs can count.`
          : undefined;
  return (
    <form
      aria-label="Practice alone"
      className="grid gap-2 border-t border-rule py-1.5"
      onSubmit={(e) => {
        e.preventDefault();
        if (missing !== undefined || left === undefined || right === undefined || log.isPending) return;
        log.mutate(
          {
            kind,
            machineId: Number(draft.machineId),
            on: draft.on,
            minutes,
            ...(setting !== undefined && { setting }),
            left,
            right,
            note: draft.note,
          },
          {
            onSuccess: () => {
              unsaved.stored();
              say.done('Practice logged.');
              onDone();
            },
            onError: say.failed,
          },
        );
      }}
    >
      {unsaved.question}
      <div className="grid grid-cols-2 gap-2">
        <TextField label="Day" type="date" {...field('on')} />
        <TextField label="Minutes" inputMode="decimal" {...field('minutes')} />
      </div>
      <Select
        label="On"
        value={draft.machineId}
        options={machines.map((m) => ({ value: String(m.id), label: m.name }))}
        onChoose={(machineId) => setDraft({ ...draft, machineId })}
      />
      <LengthField label={settingLabel} value={setting} placeholder="3 bays, 7.2 m" onRead={setSetting} />
      <div className="grid grid-cols-2 gap-2">
        <TextField label="Left, clean" inputMode="numeric" {...field('leftClean')} />
        <TextField label="Left, of runs" inputMode="numeric" {...field('leftRuns')} />
        <TextField label="Right, clean" inputMode="numeric" {...field('rightClean')} />
        <TextField label="Right, of runs" inputMode="numeric" {...field('rightRuns')} />
      </div>
      <TextField label="Note" maxLength={200} {...field('note')} />
      {missing !== undefined && <p className="text-sm text-soft">{missing}</p>}
      <div className="flex flex-wrap gap-3">
        <Button kind="primary" type="submit" disabled={missing !== undefined || log.isPending}>
          Log it
        </Button>
        <Button
          kind="quiet"
          onClick={() => {
            unsaved.letGo();
            onDone();
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  );
}
