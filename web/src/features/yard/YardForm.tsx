import { useState } from 'react';
import { LengthField } from '../length';
import { Button, CautionNote, NotesField, Select, TextField, useSay } from '../../shared/ui';
import { useSaveYard, useYardCautions, type Yard } from './api';
import { CalibrationFields } from './CalibrationFields';
import { draftOf, requestOf, SURFACES, whole, type Draft } from './model';
import { YardPlan } from './YardPlan';

/** Describes a yard; what it computes is beside it at once. */
export function YardForm({ yard, onSaved }: { yard: Yard | undefined; onSaved: (saved: Yard) => void }) {
  const [draft, setDraft] = useState<Draft>(() => draftOf(yard));
  const save = useSaveYard();
  const say = useSay();
  const change = (some: Partial<Draft>) => setDraft((before) => ({ ...before, ...some }));
  const request = requestOf(draft);
  const cautions = useYardCautions(request);
  const pace = whole(draft.pace);
  const bay = whole(draft.bay);
  const known = { ...(pace && { pace }), ...(bay && { bay }) };
  const submit = () => {
    if (request === undefined) return;
    save.mutate(
      { ...(yard && { id: yard.id }), yard: request },
      {
        onSuccess: (saved) => {
          say.done('Yard saved.');
          onSaved(saved);
        },
        onError: say.failed,
      },
    );
  };
  return (
    <div className="grid flex-1 gap-6 px-6 py-5 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <div className="flex flex-col gap-4">
        <YardPlan
          lengthMetres={draft.length?.metres}
          widthMetres={draft.width?.metres}
          bayMetres={bay && bay.taped.metres / bay.count}
        />
        <div className="grid gap-2" aria-live="polite">
          {(cautions.data ?? []).map((c) => (
            <CautionNote key={c.code}>{c.message}</CautionNote>
          ))}
          {cautions.isError && <p className="text-brick">{cautions.error.message}</p>}
          {request !== undefined && cautions.data?.length === 0 && (
            <p className="text-moss">
              Firm ground without much fall: nothing to mind but sand, leaves and wet paint.
            </p>
          )}
        </div>
      </div>
      <form
        className="grid content-start gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          submit();
        }}
      >
        <TextField
          label="Name"
          maxLength={80}
          value={draft.name}
          onChange={(e) => change({ name: e.target.value })}
        />
        <div className="grid grid-cols-2 gap-4">
          <LengthField
            label="Usable length"
            value={draft.length}
            known={known}
            onRead={(l) => change({ length: l })}
            onRefused={() => change({ length: undefined })}
          />
          <LengthField
            label="Usable width"
            value={draft.width}
            known={known}
            onRead={(l) => change({ width: l })}
            onRefused={() => change({ width: undefined })}
          />
        </div>
        <div className="grid grid-cols-2 gap-4">
          <Select
            label="Surface"
            value={draft.surface}
            options={SURFACES}
            onChoose={(v) => change({ surface: v })}
          />
          <TextField
            label="Fall, %"
            inputMode="decimal"
            value={draft.fall}
            onChange={(e) => change({ fall: e.target.value })}
          />
        </div>
        <CalibrationFields
          title="Your pace"
          unit="paces"
          how="Walk a counted number of paces along a tape."
          value={draft.pace}
          onChange={(v) => change({ pace: v })}
        />
        <CalibrationFields
          title="Painted bays"
          unit="bays"
          how="Tape a row of bays, from line to line. Bays differ from place to place."
          value={draft.bay}
          onChange={(v) => change({ bay: v })}
        />
        <NotesField label="Notes" value={draft.notes} onChange={(notes) => change({ notes })} />
        <div className="flex items-center gap-3">
          <Button kind="primary" type="submit" disabled={request === undefined || save.isPending}>
            Save yard
          </Button>
          {request === undefined && (
            <span className="text-sm text-soft">Needs a name, both lengths and the fall.</span>
          )}
        </div>
      </form>
    </div>
  );
}
