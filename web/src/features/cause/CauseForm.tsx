import { useState } from 'react';
import { DrillList, type Catalogue } from '../drill';
import { BEFORE_DROP, FAULTS, TECHNIQUES } from '../fault';
import { Button, TextField, useSay, useDraft } from '../../shared/ui';
import type { Cause } from './api';
import { toggled } from './model';

/** Puts a cause right. Closed by whoever opened it, once it is kept. */
export function CauseForm(props: {
  cause: Cause;
  /** Tells it from others while it is changed. */
  name: string;
  drills: Catalogue;
  isNew: boolean;
  onKeep: (cause: Cause) => Promise<void>;
  onTakeOut: () => Promise<void>;
  onLeave: () => void;
}) {
  const [cause, setCause] = useState(props.cause);
  const [sending, setSending] = useState(false);
  const say = useSay();
  const unsaved = useDraft({ name: `cause/${props.name}`, value: cause, onRestore: setCause });
  const send = (what: Promise<void>) => {
    setSending(true);
    what.then(unsaved.stored, say.failed).finally(() => setSending(false));
  };
  const ofDrops = cause.faults.includes('DROP');
  const kept: Cause = ofDrops ? cause : { ...cause, before: [] };
  const missing = missingOf(kept);
  return (
    <form
      aria-label="Cause"
      className="grid gap-3 border-l-4 border-steel bg-panel px-4 py-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (missing === undefined && !sending) send(props.onKeep(kept));
      }}
    >
      {unsaved.question}
      <Chips
        legend="Seen: any of"
        all={FAULTS.map((f) => ({ value: f.fault, word: f.word }))}
        chosen={cause.faults}
        onToggle={(fault) => setCause({ ...cause, faults: toggled(cause.faults, fault) })}
      />
      <Chips
        legend="With: any of"
        all={TECHNIQUES.map((t) => ({ value: t.technique, word: t.word }))}
        chosen={cause.technique}
        onToggle={(one) => setCause({ ...cause, technique: toggled(cause.technique, one) })}
      />
      {ofDrops && (
        <Chips
          legend="Last before a drop: any of"
          all={BEFORE_DROP.map((b) => ({ value: b.before, word: b.word }))}
          chosen={cause.before}
          onToggle={(one) => setCause({ ...cause, before: toggled(cause.before, one) })}
        />
      )}
      <div className="grid gap-3 md:grid-cols-2">
        <TextField
          label="Likely from"
          maxLength={120}
          value={cause.likely}
          onChange={(e) => setCause({ ...cause, likely: e.target.value })}
        />
        <TextField
          label="Cue, at most five words"
          maxLength={60}
          value={cause.cue}
          onChange={(e) => setCause({ ...cause, cue: e.target.value })}
        />
      </div>
      <DrillList
        label="Go back to"
        chosen={cause.drills}
        catalogue={props.drills}
        onChange={(drills) => setCause({ ...cause, drills })}
      />
      {missing !== undefined && <p className="text-sm text-soft">{missing}</p>}
      <div className="flex flex-wrap gap-3">
        <Button kind="primary" type="submit" disabled={missing !== undefined || sending}>
          Save cause
        </Button>
        {!props.isNew && (
          <Button disabled={sending} onClick={() => send(props.onTakeOut())}>
            Delete cause
          </Button>
        )}
        <Button
          kind="quiet"
          onClick={() => {
            unsaved.letGo();
            props.onLeave();
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  );
}

/** What is still to be said. */
function missingOf(cause: Cause): string | undefined {
  if (cause.faults.length === 0) return 'Choose at least one fault.';
  if (cause.technique.length + cause.before.length === 0) return 'Choose what it is seen with.';
  if (cause.likely.trim() === '') return 'Say what it likely comes from.';
  return cause.cue.trim() === '' ? 'Give a cue.' : undefined;
}

/** Words to choose any of. */
function Chips<T extends string>(props: {
  legend: string;
  all: { value: T; word: string }[];
  chosen: T[];
  onToggle: (value: T) => void;
}) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm text-soft">{props.legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {props.all.map(({ value, word }) => (
          <button
            key={value}
            type="button"
            aria-pressed={props.chosen.includes(value)}
            className={`min-h-9 rounded-sm border px-2.5 ${props.chosen.includes(value) ? 'border-ink bg-ink text-page' : 'border-rule bg-page'}`}
            onClick={() => props.onToggle(value)}
          >
            {word}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
