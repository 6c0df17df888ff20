import { useState } from 'react';
import { SaveAndGoOn, useGoOn } from '../../day';
import {
  Button,
  CautionNote,
  NotesField,
  TextField,
  useDeleting,
  useSay,
  useUnsavedDraft,
} from '../../../shared/ui';
import { areaText, lengthText, usePreferences } from '../../../shared/units';
import { useDeleteYard, useSaveYard, useSurvey, type Survey, type Yard } from '../api';
import { CalibrationFields } from './CalibrationFields';
import { BayRowFields, GroundFields } from './GroundFields';
import { asRequest, draftOf, groundOf, requestOf, whole, type Change, type Draft } from '../model';
import { ObstacleFields } from './ObstacleFields';
import { OutlineFields } from './OutlineFields';
import { YardDrawing } from '../drawing/YardDrawing';

const COURSES_ON_IT = { path: '/yard?view=courses', name: 'Courses on it' };

/** Describes a yard; what its measurements come to is beside it at once. */
export function YardForm(props: {
  yard: Yard | undefined;
  /** Whether it was stored just now, by the button that has to keep the focus. */
  justSaved: boolean;
  /** Told also whether the page is left then. */
  onSaved: (saved: Yard, leaving: boolean) => Promise<void>;
  onDeleted: () => void;
}) {
  const { yard, onSaved } = props;
  const [draft, setDraft] = useState<Draft>(() => draftOf(yard));
  const [stored, setStored] = useState(yard);
  const save = useSaveYard();
  const say = useSay();
  const unsaved = useUnsavedDraft(draft);
  const change = (some: Change) =>
    setDraft((before) => ({ ...before, ...(typeof some === 'function' ? some(before) : some) }));
  const request = requestOf(draft);
  const ground = groundOf(draft);
  const survey = useSurvey(ground);
  const pace = whole(draft.pace);
  const bay = whole(draft.bay);
  const known = { ...(pace && { pace }), ...(bay && { bay }) };
  const goOn = useGoOn(unsaved.letGo);
  const submit = (leaving: boolean) => {
    if (request === undefined || save.isPending) return;
    save
      .mutateAsync({ ...(stored && { stored }), yard: request })
      .then(async (saved) => {
        setStored(saved);
        unsaved.stored();
        say.done('Yard saved.');
        await onSaved(saved, leaving);
        if (leaving) await goOn('YARD', { own: COURSES_ON_IT });
      })
      .catch(say.failed);
  };
  const remove = useDeleteYard();
  const deleting = useDeleting();
  const deleted = (gone: Yard) =>
    deleting(gone, {
      remove: () => remove.mutateAsync(gone),
      onGone: () => {
        unsaved.letGo();
        props.onDeleted();
      },
      restore: () => save.mutateAsync({ yard: asRequest(gone) }),
      onBack: (back) => void onSaved(back, false),
    });
  return (
    <div className="grid flex-1 grid-cols-1 gap-6 px-6 py-4 lg:grid-cols-[minmax(0,1fr)_26rem]">
      {unsaved.question}
      <div className="flex flex-col gap-3 lg:sticky lg:top-4 lg:h-[calc(100vh-12rem)] lg:min-h-120">
        {ground === undefined || survey.data === undefined ? (
          <div className="flex min-h-96 flex-1 items-center justify-center rounded-sm bg-tarmac p-4 text-chalk">
            Type the lengths of its sides to see the yard.
          </div>
        ) : (
          <YardDrawing
            corners={survey.data.outline.corners}
            ground={ground}
            entrance={survey.data.entrance}
            sideMetres={ground.outline.sides.map((s) => s.metres)}
          />
        )}
        <Said survey={ground && survey.data} problem={survey.isError ? survey.error.message : undefined} />
      </div>
      <form
        className="grid content-start gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          submit(stored === undefined);
        }}
      >
        <TextField
          label="Name"
          maxLength={80}
          value={draft.name}
          onChange={(e) => change({ name: e.target.value })}
        />
        <OutlineFields draft={draft} known={known} onChange={change} />
        <GroundFields draft={draft} onChange={change} />
        <h2>On it</h2>
        <ObstacleFields
          obstacles={draft.obstacles}
          onChange={(how) => change((d) => ({ obstacles: how(d.obstacles) }))}
        />
        <BayRowFields
          rows={draft.bayRows}
          bayMetres={bay && bay.taped.metres / bay.count}
          onChange={(how) => change((d) => ({ bayRows: how(d.bayRows) }))}
        />
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
        <SaveAndGoOn
          what="yard"
          stored={stored !== undefined}
          disabled={request === undefined}
          justSaved={props.justSaved}
          here="YARD"
          own={COURSES_ON_IT}
          onSave={() => submit(false)}
        >
          {stored && (
            <Button disabled={remove.isPending} onClick={() => void deleted(stored)}>
              Delete
            </Button>
          )}
          {request === undefined && (
            <span className="text-sm text-soft">Needs a name, all lengths and the fall.</span>
          )}
        </SaveAndGoOn>
      </form>
    </div>
  );
}

/** What the measurements come to, and what is wrong with them. */
function Said({ survey, problem }: { survey: Survey | undefined; problem: string | undefined }) {
  const { system } = usePreferences();
  const cautions = survey?.cautions.filter((c) => survey.findings.every((f) => f.code !== c.code)) ?? [];
  return (
    <div className="grid gap-2" aria-live="polite">
      {problem !== undefined && <p className="text-brick">{problem}</p>}
      {survey?.findings.map((f) => (
        <p key={f.code + f.where + f.message} role="alert" className="text-brick">
          {f.message}
        </p>
      ))}
      {cautions.map((c) => (
        <CautionNote key={c.code}>{c.message}</CautionNote>
      ))}
      {survey && survey.outline.areaSquareMetres > 0 && (
        <p>
          <span className="figures">{areaText(survey.outline.areaSquareMetres, system)}</span>. Walked round
          by these figures, it misses corner A by{' '}
          <span className="figures">{lengthText(survey.outline.closingErrorMetres, system)}</span>; that is
          spread over all of them.
        </p>
      )}
      {survey && survey.findings.length === 0 && cautions.length === 0 && (
        <p className="text-moss">
          Firm ground without much fall: nothing to mind but sand, leaves and wet paint.
        </p>
      )}
    </div>
  );
}
