import { useState } from 'react';
import { SaveAndGoOn, useGoOn } from '../day';
import type { Machine } from '../machine';
import { NotesField, Select, TextField, Toggle, useSay, useDraft } from '../../shared/ui';
import { degreesText, speedText, usePreferences } from '../../shared/units';
import { OnTheDay, usePutOnDay } from './OnTheDay';
import { useSaveRider, type Rider, type RiderOptions, type RiderRequest } from './api';
import { asRequest, NEW_RIDER } from './model';

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
  const [draft, setDraft] = useState<RiderRequest>(() =>
    rider ? asRequest(rider) : { ...NEW_RIDER, ...only(machines) },
  );
  const [stored, setStored] = useState(rider);
  const save = useSaveRider();
  const say = useSay();
  const unsaved = useDraft({ name: `rider/${rider?.id ?? 'new'}`, value: draft, onRestore: setDraft });
  const change = (some: Partial<RiderRequest>) => setDraft((before) => ({ ...before, ...some }));
  const goOn = useGoOn(unsaved.letGo);
  const { day, put } = usePutOnDay();
  const [onDay, setOnDay] = useState(true);
  const submit = (leaving: boolean) => {
    if (save.isPending) return;
    save
      .mutateAsync({ ...(stored && { stored }), rider: draft })
      .then(async (saved) => {
        setStored(saved);
        unsaved.stored();
        say.done('Rider saved.');
        if (stored === undefined && onDay) await put(saved);
        if (leaving && (day === undefined || (onDay && saved.machineId !== undefined)))
          await goOn('MACHINES');
        else props.onSaved(saved);
      })
      .catch(say.failed);
  };
  const school = options.schools.find((s) => s.school === draft.school);
  return (
    <form
      className="grid max-w-2xl content-start gap-4"
      onSubmit={(e) => {
        e.preventDefault();
        submit(stored === undefined);
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
      <LimitsLine options={options} draft={draft} />
      <Select
        label="Most lean used"
        value={draft.mostLeanRadians === undefined ? '' : String(degreesOf(draft.mostLeanRadians))}
        options={[
          { value: '', label: `as the level: ${degreesText(levelLean(options, draft.level), 0)}` },
          ...LEANS.map((d) => ({ value: String(d), label: `${d}°` })),
        ]}
        onChoose={(v) => {
          const { mostLeanRadians: _before, ...others } = draft;
          setDraft(v === '' ? others : { ...others, mostLeanRadians: (Number(v) * Math.PI) / 180 });
        }}
      />
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
      <Select
        label="On the ground when stopped"
        value={draft.reach ?? ''}
        options={[
          { value: '', label: 'nobody looked yet' },
          ...options.reaches.map((r) => ({ value: r.reach, label: r.label })),
        ]}
        onChoose={(v) => {
          const { reach: _before, ...others } = draft;
          const reach = options.reaches.find((r) => r.reach === v)?.reach;
          setDraft(reach === undefined ? others : { ...others, reach });
        }}
      />
      <NotesField label="Notes" value={draft.notes} onChange={(notes) => change({ notes })} />
      <SaveAndGoOn
        what="rider"
        stored={stored !== undefined}
        disabled={draft.name.trim() === ''}
        justSaved={props.justSaved}
        here="MACHINES"
        onSave={() => submit(false)}
      >
        {stored ? (
          <OnTheDay rider={stored} />
        ) : (
          day !== undefined && (
            <label className="flex min-h-9 items-center gap-2">
              <input type="checkbox" checked={onDay} onChange={(e) => setOnDay(e.target.checked)} />
              Put on {day.title}
            </label>
          )
        )}
      </SaveAndGoOn>
    </form>
  );
}

/** What somebody described anew rides: the only machine there is. */
function only([first, ...others]: Machine[]): Pick<RiderRequest, 'machineId'> {
  return first === undefined || others.length > 0 ? {} : { machineId: first.id };
}

/** Leans that can be chosen for a rider, in degrees. */
const LEANS = [6, 8, 10, 12, 14, 16, 18, 20, 22, 25, 28, 30, 32, 35, 38, 40, 45];

function degreesOf(radians: number): number {
  return Math.round((radians * 180) / Math.PI);
}

function levelLean(options: RiderOptions, level: Rider['level']): number {
  return options.levels.find((l) => l.level === level)?.limits.mostLeanRadians ?? 0;
}

function LimitsLine({ options, draft }: { options: RiderOptions; draft: RiderRequest }) {
  const { speed } = usePreferences();
  const limits = options.levels.find((l) => l.level === draft.level)?.limits;
  if (limits === undefined) return null;
  return (
    <p className="-mt-2 text-sm text-soft">
      Calculated with, as estimates: turns the bars at {degreesText(limits.steeringRateRadiansPerSecond)} a
      second, leans at {degreesText(limits.rollRateRadiansPerSecond)} a second, holds{' '}
      {speedText(limits.lowestSpeedMetresPerSecond, speed)} feet-up, uses{' '}
      {degreesText(draft.mostLeanRadians ?? limits.mostLeanRadians, 0)} of lean at most and stays{' '}
      {degreesText(limits.leanReserveRadians, 0)} short of scraping.
    </p>
  );
}
