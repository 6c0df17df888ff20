import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useDayLink } from '../day';
import { Button, Select, TextField, useSay, useDraft } from '../../shared/ui';
import { useSaveDrill, type Catalogue, type Drill, type StoredDrill } from './api';
import { DrillList } from './DrillList';
import { Lines } from './Lines';
import { idFor, stepsOf } from './model';
import { MinutesFields } from './MinutesFields';
import { Wrong } from './Wrong';

/** Changes a drill, or makes one of one's own that is like it. */
export function DrillEditor(props: {
  stored: StoredDrill;
  as: 'change' | 'copy';
  catalogue: Catalogue;
  onDone: () => void;
}) {
  const { stored, catalogue } = props;
  const copy = props.as === 'copy';
  const [drill, setDrill] = useState<Drill>(() =>
    copy
      ? {
          ...stored.drill,
          name: `${stored.drill.name}, ours`,
          ...(stored.drill.course && { course: { ...stored.drill.course, plain: false } }),
        }
      : stored.drill,
  );
  const save = useSaveDrill();
  const say = useSay();
  const navigate = useNavigate();
  const link = useDayLink();
  const unsaved = useDraft({
    name: `drill/${props.as}/${stored.drill.id}`,
    value: drill,
    onRestore: setDrill,
  });
  const change = (some: Partial<Drill>) => setDrill((before) => ({ ...before, ...some }));
  const words = (some: Partial<Drill['words']>) => change({ words: { ...drill.words, ...some } });
  const store = () => {
    const id = copy
      ? idFor(
          drill.name,
          catalogue.drills.map((d) => d.drill.id),
        )
      : drill.id;
    save.mutate(
      { version: copy ? 0 : stored.version, drill: { ...drill, id } },
      {
        onSuccess: () => {
          unsaved.stored();
          say.done('Drill saved.');
          props.onDone();
          void navigate(link(`/lesson/drills/${id}`));
        },
      },
    );
  };
  return (
    <form
      className="grid max-w-4xl gap-4 px-6 py-4"
      onSubmit={(e) => {
        e.preventDefault();
        if (!save.isPending) store();
      }}
    >
      {unsaved.question}
      <h2 className="text-xl">
        {copy ? `A drill like “${stored.drill.name}”` : `Change “${stored.drill.name}”`}
      </h2>
      <div className="grid gap-4 sm:grid-cols-2">
        <TextField
          label="Name"
          maxLength={80}
          value={drill.name}
          onChange={(e) => change({ name: e.target.value })}
        />
        <TextField
          label="Cue, at most five words"
          maxLength={60}
          value={drill.words.cue}
          onChange={(e) => words({ cue: e.target.value })}
        />
        <Select
          label="Stage"
          value={drill.stage}
          options={catalogue.stages.map((s) => ({ value: s.stage, label: s.label }))}
          onChoose={(stage) => change({ stage })}
        />
        <TextField
          label="Aim"
          maxLength={240}
          value={drill.words.aim}
          onChange={(e) => words({ aim: e.target.value })}
        />
        <TextField
          label="Why it works"
          maxLength={240}
          value={drill.words.why}
          onChange={(e) => words({ why: e.target.value })}
        />
        <TextField
          label="Where the instructor stands"
          maxLength={240}
          value={drill.words.standAt}
          onChange={(e) => words({ standAt: e.target.value })}
        />
        <Lines
          label="How it is ridden, a line each"
          of={drill.words.how}
          onChange={(how) => words({ how })}
        />
        <Lines
          label="What to look at, a line each"
          of={drill.words.look}
          onChange={(look) => words({ look })}
        />
        <Lines
          label="What the instructor watches"
          of={drill.words.watch}
          onChange={(watch) => words({ watch })}
        />
        <Lines label="Cautions" of={drill.words.cautions} onChange={(cautions) => words({ cautions })} />
        <Lines
          label="Steps, easiest first"
          of={drill.steps.map((s) => s.says)}
          onChange={(lines) => change({ steps: stepsOf(stored.drill.steps, lines.join('\n')) })}
        />
        <DrillList
          label="Needs first"
          chosen={drill.prerequisites}
          catalogue={catalogue}
          but={copy ? undefined : drill.id}
          onChange={(prerequisites) => change({ prerequisites })}
        />
      </div>
      <MinutesFields drill={drill} onChange={change} />
      {save.isError && <Wrong error={save.error} />}
      <div className="flex gap-3">
        <Button kind="primary" type="submit" disabled={drill.name.trim() === ''}>
          Save drill
        </Button>
        <Button
          onClick={() => {
            unsaved.letGo();
            props.onDone();
          }}
        >
          Cancel
        </Button>
      </div>
    </form>
  );
}
