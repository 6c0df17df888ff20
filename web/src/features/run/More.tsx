import { useState } from 'react';
import type { Course } from '../course';
import { Button } from '../../shared/ui';
import type { DrillRidden } from './activity';
import type { Fault } from './api';
import { Counter, FaultCounters } from './FaultCounters';
import { says, SeenPanel } from './Seen';
import { countOf, NONE, runsOf, stepped, type Detail, type Several } from './several';
import { TimedRidePanel } from './TimedRidePanel';
import { ScorePanel } from './ScorePanel';
import type { HeldLogging } from './useLogging';

type Panel = 'several' | 'timedRide' | 'seen' | 'score' | 'note';

/** One tap further: a run broken off, several at once, a timed ride, how the next was ridden, its score, a note for it. */
export function More(props: {
  canLog: boolean;
  /** Missing where what is ridden is ridden on none. */
  on: { course: Course; sizes: number[] } | undefined;
  drill: DrillRidden | undefined;
  logging: HeldLogging;
}) {
  const { drill, logging } = props;
  // A drill that is logged by minutes or by a score begins where those are said.
  const first = { RUN: undefined, TIMED_RIDE: 'timedRide', SCORE: 'score' } as const;
  const [panel, setPanel] = useState<Panel | undefined>(drill && first[drill.loggedBy]);
  const toggle = (one: Panel) => setPanel((before) => (before === one ? undefined : one));
  // What is counted in a panel stays while another is open, and begins anew once it is logged.
  const [logged, setLogged] = useState(0);
  const done = (entries: { faults: Fault[]; detail?: Detail }[]) => {
    logging.logAll(entries);
    setPanel(drill && first[drill.loggedBy]);
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
      <div className="grid grid-cols-[repeat(auto-fit,minmax(5.4rem,1fr))] gap-2">
        <button
          type="button"
          disabled={!props.canLog}
          className="min-h-15 rounded-sm border border-rule bg-panel disabled:text-soft"
          onClick={() => done([{ faults: [], detail: { sort: 'BROKEN_OFF' } }])}
        >
          Abandoned
        </button>
        {tab('several', 'Several')}
        {tab('timedRide', 'Timed ride')}
        {tab('seen', says(logging.seen) ? 'Seen ✓' : 'Seen')}
        {tab('score', logging.score === undefined ? 'Score' : 'Score ✓')}
        {tab('note', logging.note === '' ? 'Note' : 'Note ✓')}
      </div>
      <div key={`several${logged}`} hidden={panel !== 'several'}>
        <SeveralPanel canLog={props.canLog} onLog={done} />
      </div>
      <div key={`timed${logged}`} hidden={panel !== 'timedRide'}>
        <TimedRidePanel canLog={props.canLog} longestMinutes={drill?.longestMinutes} onLog={done} />
      </div>
      {panel === 'seen' && <SeenPanel on={props.on} seen={logging.seen} onSeen={logging.setSeen} />}
      {panel === 'score' && (
        <ScorePanel mark={drill?.mark} score={logging.score} onScore={logging.setScore} />
      )}
      {panel === 'note' && (
        <label className="block">
          <span className="mb-1 block text-sm text-soft">Goes with the next run or timed ride</span>
          <input
            className="w-full rounded-sm border border-edge bg-panel px-2 py-3"
            maxLength={200}
            value={logging.note}
            onChange={(e) => logging.setNote(e.target.value)}
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
