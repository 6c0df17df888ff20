import { useState } from 'react';
import { SaveAndGoOn } from '../../day';
import { Button, CautionNote, NotesField, TextField, useDraft } from '../../../shared/ui';
import { areaText, lengthText, usePreferences } from '../../../shared/units';
import { useSurvey, type Survey, type Yard } from '../api';
import { CalibrationFields } from './CalibrationFields';
import { BayRowFields, GroundFields } from './GroundFields';
import { draftOf, groundOf, requestOf, whole, type Change, type Draft } from '../model';
import { ObstacleFields } from './ObstacleFields';
import { OutlineFields } from './OutlineFields';
import { MeasuredYard } from '../drawing/MeasuredYard';
import { Sketching } from '../drawing/Sketching';
import { IN_VIEW } from '../drawing/YardDrawing';
import type { Thing } from '../drawing/ThingGrips';
import { useDrawing } from '../drawing/useDrawing';
import { useYardSaving } from './useYardSaving';

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
  const { yard } = props;
  const [draft, setDraft] = useState<Draft>(() => draftOf(yard));
  const unsaved = useDraft({ name: `yard/${yard?.id ?? 'new'}`, value: draft, onRestore: setDraft });
  const change = (some: Change) =>
    setDraft((before) => ({ ...before, ...(typeof some === 'function' ? some(before) : some) }));
  const request = requestOf(draft);
  const ground = groundOf(draft);
  const survey = useSurvey(ground);
  // What belongs to the drawing of a stored yard comes with its survey: the form would be pushed down under a thumb.
  const [settled, setSettled] = useState(yard === undefined);
  if (!settled && (survey.data !== undefined || survey.isError)) setSettled(true);
  const pace = whole(draft.pace);
  const bay = whole(draft.bay);
  const known = { ...(pace && { pace }), ...(bay && { bay }) };
  const drawing = useDrawing({ draft, ground, survey: survey.data, known, change });
  const type = (some: Change) => {
    drawing.forget();
    change(some);
  };
  const [chosen, setChosen] = useState<Thing>();
  const { stored, removing, submit, remove } = useYardSaving({
    yard,
    unsaved,
    own: COURSES_ON_IT,
    onSaved: props.onSaved,
    onDeleted: props.onDeleted,
  });
  return (
    <div className="flex flex-1 flex-col gap-x-6 gap-y-3 px-6 py-4 lg:grid lg:grid-cols-[minmax(0,1fr)_26rem]">
      {unsaved.question}
      <div className="contents lg:sticky lg:top-4 lg:flex lg:h-[calc(100vh-12rem)] lg:min-h-120 lg:flex-col lg:gap-3">
        {ground === undefined ? (
          <Sketching
            corners={draft.drawing}
            begun={draft.sides.some((s) => s !== undefined)}
            onCorners={(corners) => change({ drawing: corners })}
            onClose={drawing.close}
            refused={drawing.refused}
          />
        ) : survey.data ? (
          <MeasuredYard
            draft={draft}
            ground={ground}
            survey={survey.data}
            chosen={chosen}
            onChoose={setChosen}
            drawing={drawing}
          />
        ) : (
          <div className={`${IN_VIEW} rounded-sm bg-tarmac p-4 text-chalk`}>
            {survey.isPending && 'Calculating where its corners lie…'}
          </div>
        )}
        <Said survey={ground && survey.data} problem={survey.isError ? survey.error.message : undefined} />
      </div>
      <form
        className={
          settled
            ? 'grid content-start gap-4 max-lg:[&_input]:scroll-mt-72 max-lg:[&_select]:scroll-mt-72'
            : 'hidden'
        }
        onSubmit={(e) => {
          e.preventDefault();
          submit(request, stored === undefined);
        }}
      >
        <TextField
          label="Name"
          maxLength={80}
          value={draft.name}
          onChange={(e) => change({ name: e.target.value })}
        />
        <OutlineFields draft={draft} known={known} onChange={type} />
        <GroundFields draft={draft} onChange={type} />
        <h2>On it</h2>
        <ObstacleFields
          obstacles={draft.obstacles}
          chosen={chosen && 'obstacle' in chosen ? chosen.obstacle : undefined}
          onChoose={(i) => setChosen(i === undefined ? undefined : { obstacle: i })}
          onChange={(how) => type((d) => ({ obstacles: how(d.obstacles) }))}
        />
        <BayRowFields
          rows={draft.bayRows}
          bay={bay}
          chosen={chosen && 'row' in chosen ? chosen.row : undefined}
          onChoose={(i) => setChosen(i === undefined ? undefined : { row: i })}
          onChange={(how) => type((d) => ({ bayRows: how(d.bayRows) }))}
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
          onSave={() => submit(request, false)}
        >
          {stored && (
            <Button disabled={removing} onClick={() => void remove(stored)}>
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
