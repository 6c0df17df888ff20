import { useState } from 'react';
import type { Course } from '../course';
import { Button } from '../../shared/ui';
import type { Fault, Observed, RunRequest, Score } from './api';
import { FAULTS } from './marks';
import { says, SeenPanel } from './Seen';
import { countOf, NONE, runsOf, stepped, type Several } from './several';
import { SpellPanel } from './SpellPanel';
import { ScorePanel } from './ScorePanel';
import type { UpNext } from './running';

type Panel = 'several' | 'spell' | 'seen' | 'score' | 'note';

/** What of an entry goes beside its faults. */
export type Detail = Partial<Pick<RunRequest, 'sort' | 'minutes' | 'laps' | 'faultCounts'>>;

/** One tap further: a run broken off, several at once, a spell, how the next was ridden, its score, a note for it. */
export function More(props: {
  canLog: boolean;
  course: Course;
  standsAt: number[];
  seen: Observed;
  onSeen: (seen: Observed) => void;
  /** What the rider rides by the running order; missing where there is none. */
  task: UpNext | undefined;
  score: Score | undefined;
  onScore: (score: Score | undefined) => void;
  note: string;
  onNote: (note: string) => void;
  onLog: (entries: { faults: Fault[]; detail?: Detail }[]) => void;
}) {
  const [panel, setPanel] = useState<Panel>();
  const toggle = (one: Panel) => setPanel((before) => (before === one ? undefined : one));
  // What is counted in a panel stays while another is open, and begins anew once it is logged.
  const [logged, setLogged] = useState(0);
  const done = (entries: { faults: Fault[]; detail?: Detail }[]) => {
    props.onLog(entries);
    setPanel(undefined);
    setLogged((n) => n + 1);
  };
  const tab = (one: Panel, name: string) => (
    <button
      type="button"
      aria-expanded={panel === one}
      className={`min-h-15 rounded-sm border ${panel === one ? 'border-ink bg-ink text-page' : 'border-rule bg-panel'}`}
      onClick={() => toggle(one)}
    >
      {name}
    </button>
  );
  return (
    <section aria-label="More ways to log" className="grid gap-2">
      <div className="grid grid-cols-3 gap-2 sm:grid-cols-6">
        <button
          type="button"
          disabled={!props.canLog}
          className="min-h-15 rounded-sm border border-rule bg-panel disabled:text-soft"
          onClick={() => done([{ faults: [], detail: { sort: 'BROKEN_OFF' } }])}
        >
          Broken off
        </button>
        {tab('several', 'Several')}
        {tab('spell', 'Spell')}
        {tab('seen', says(props.seen) ? 'Seen ✓' : 'Seen')}
        {tab('score', props.score === undefined ? 'Score' : 'Score ✓')}
        {tab('note', props.note === '' ? 'Note' : 'Note ✓')}
      </div>
      <div key={`several${logged}`} hidden={panel !== 'several'}>
        <SeveralPanel canLog={props.canLog} onLog={done} />
      </div>
      <div key={`spell${logged}`} hidden={panel !== 'spell'}>
        <SpellPanel canLog={props.canLog} longestMinutes={props.task?.longestMinutes} onLog={done} />
      </div>
      {panel === 'seen' && <SeenPanel {...props} />}
      {panel === 'score' && (
        <ScorePanel mark={props.task?.mark} score={props.score} onScore={props.onScore} />
      )}
      {panel === 'note' && (
        <label className="block">
          <span className="mb-1 block text-sm text-soft">Goes with the next run or spell</span>
          <input
            className="w-full rounded-sm border border-rule bg-panel px-2 py-3"
            maxLength={200}
            value={props.note}
            onChange={(e) => props.onNote(e.target.value)}
          />
        </label>
      )}
    </section>
  );
}

function SeveralPanel(props: { canLog: boolean; onLog: (entries: { faults: Fault[] }[]) => void }) {
  const [several, setSeveral] = useState<Several>(NONE);
  const count = countOf(several);
  return (
    <div className="grid gap-1 border-l-4 border-steel bg-panel px-3 py-2">
      <Counter
        name="Clean"
        count={several.clean}
        onStep={(by) => setSeveral(stepped(several, 'clean', by))}
      />
      <FaultCounters seen={several.faults} onStep={(f, by) => setSeveral(stepped(several, f, by))} />
      <Button
        kind="primary"
        className="min-h-15"
        disabled={!props.canLog || count === 0}
        onClick={() => props.onLog(runsOf(several).map((faults) => ({ faults })))}
      >
        {count === 1 ? 'Log 1 run' : `Log ${count} runs`}
      </Button>
    </div>
  );
}

/** How often each fault was seen. */
export function FaultCounters(props: {
  seen: Several['faults'];
  onStep: (fault: Fault, by: 1 | -1) => void;
}) {
  return (
    <div className="grid grid-cols-4 gap-2">
      {FAULTS.map((f) => (
        <Counter
          key={f.fault}
          name={f.word}
          letter={f.letter}
          count={props.seen[f.fault] ?? 0}
          onStep={(by) => props.onStep(f.fault, by)}
        />
      ))}
    </div>
  );
}

/** How often something was seen: one more with every tap, one less with the key below. */
function Counter(props: { name: string; letter?: string; count: number; onStep: (by: 1 | -1) => void }) {
  const { name, letter, count } = props;
  return (
    <div role="group" aria-label={name} className="grid gap-1">
      <button
        type="button"
        aria-label={`One ${name} more`}
        className={`flex min-h-16 flex-col items-center justify-center rounded-sm border-2 bg-page ${count > 0 ? 'border-ink' : 'border-rule'}`}
        onClick={() => props.onStep(1)}
      >
        <span className="figures text-[1.3rem] leading-none font-bold">
          {count > 0 ? count : (letter ?? '+')}
        </span>
        <span className="text-[0.87rem]">{name}</span>
      </button>
      <button
        type="button"
        aria-label={`One ${name} less`}
        disabled={count === 0}
        className="min-h-11 rounded-sm border border-rule bg-page text-[1.2rem] disabled:opacity-40"
        onClick={() => props.onStep(-1)}
      >
        −
      </button>
    </div>
  );
}
