import { useState } from 'react';
import { NextStep } from '../day';
import type { Machine } from '../machine';
import { Button, NotesField, Select, TextField, Toggle, useSay, useUnsavedDraft } from '../../shared/ui';
import { degreesText, speedText, usePreferences } from '../../shared/units';
import { OnTheDay } from './OnTheDay';
import { useSaveRider, type Rider, type RiderOptions, type RiderRequest } from './api';
import { NEW_RIDER } from './model';

/** Describes a rider. */
export function RiderForm(props: {
  rider: Rider | undefined;
  machines: Machine[];
  options: RiderOptions;
  /** Whether it was stored just now, by the button that has to keep the focus. */
  justSaved: boolean;
  onSaved: (saved: Rider) => void;
}) {
  const { rider, machines, options } = props;
  const [draft, setDraft] = useState<RiderRequest>(() => ({
    name: rider?.name ?? NEW_RIDER.name,
    level: rider?.level ?? NEW_RIDER.level,
    school: rider?.school ?? NEW_RIDER.school,
    notes: rider?.notes ?? NEW_RIDER.notes,
    ...usual(rider, machines),
  }));
  const [stored, setStored] = useState(rider);
  const save = useSaveRider();
  const say = useSay();
  const unsaved = useUnsavedDraft(draft);
  const change = (some: Partial<RiderRequest>) => setDraft((before) => ({ ...before, ...some }));
  const school = options.schools.find((s) => s.school === draft.school);
  return (
    <form
      className="grid max-w-2xl content-start gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        if (save.isPending) return;
        save.mutate(
          { ...(stored && { stored }), rider: draft },
          {
            onSuccess: (saved) => {
              setStored(saved);
              unsaved.stored();
              say.done('Rider saved.');
              props.onSaved(saved);
            },
            onError: say.failed,
          },
        );
      }}
    >
      {unsaved.question}
      <TextField
        label="Name"
        maxLength={80}
        value={draft.name}
        onChange={(e) => change({ name: e.target.value })}
      />
      <Toggle
        label="Level"
        value={draft.level}
        options={[
          { value: 'NOVICE', label: 'Novice' },
          { value: 'DEVELOPING', label: 'Developing' },
          { value: 'SKILLED', label: 'Skilled' },
        ]}
        onChoose={(level) => change({ level })}
      />
      <LimitsLine options={options} level={draft.level} />
      <Select
        label="Riding method"
        value={draft.school}
        options={options.schools.map((s) => ({ value: s.school, label: s.label }))}
        onChoose={(v) => change({ school: v })}
      />
      <p className="-mt-2 text-sm text-soft">{school?.summary}</p>
      <Select
        label="Usual machine"
        value={String(draft.machineId ?? '')}
        options={[
          { value: '', label: 'None' },
          ...machines.map((m) => ({ value: String(m.id), label: m.name })),
        ]}
        onChoose={(v) => {
          const { machineId: _before, ...others } = draft;
          setDraft(v === '' ? others : { ...others, machineId: Number(v) });
        }}
      />
      <NotesField label="Notes" value={draft.notes} onChange={(notes) => change({ notes })} />
      <div className="flex flex-wrap items-center gap-3">
        <Button kind="primary" type="submit" autoFocus={props.justSaved} disabled={draft.name.trim() === ''}>
          Save rider
        </Button>
        {stored && <OnTheDay rider={stored} />}
        {stored && <NextStep here="MACHINES" />}
      </div>
    </form>
  );
}

/** The machine a rider has, or, described anew, the only one there is. */
function usual(rider: Rider | undefined, machines: Machine[]): Pick<RiderRequest, 'machineId'> {
  const id = rider ? rider.machineId : machines.length === 1 ? machines[0]?.id : undefined;
  return id === undefined ? {} : { machineId: id };
}

function LimitsLine({ options, level }: { options: RiderOptions; level: Rider['level'] }) {
  const { speed } = usePreferences();
  const limits = options.levels.find((l) => l.level === level)?.limits;
  if (limits === undefined) return null;
  return (
    <p className="-mt-2 text-sm text-soft">
      Calculated with, as estimates: turns the bars at {degreesText(limits.steeringRateRadiansPerSecond)} a
      second, leans at {degreesText(limits.rollRateRadiansPerSecond)} a second, holds{' '}
      {speedText(limits.lowestSpeedMetresPerSecond, speed)} feet-up, keeps{' '}
      {degreesText(limits.leanReserveRadians)} of lean in reserve.
    </p>
  );
}
