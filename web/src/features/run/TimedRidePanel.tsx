import { decimals, readNumber } from '../../shared/units';
import { useEffect, useState } from 'react';
import { Button } from '../../shared/ui';
import type { Fault } from './api';
import { FaultCounters } from './FaultCounters';
import type { Detail } from './several';
import { countdown } from './running';
import { NONE, timedRideOf, stepped, type Several } from './several';
import { signal } from './signal';

/** Minutes or laps ridden without a break, by the clock or as said, with the faults in them. */
export function TimedRidePanel(props: {
  canLog: boolean;
  /** Longest without a break on this rider's machine, by the drill; missing where none is known. */
  longestMinutes: number | undefined;
  onLog: (entries: { faults: Fault[]; detail?: Detail }[]) => void;
}) {
  const [minutes, setMinutes] = useState('');
  const [laps, setLaps] = useState('');
  const [seen, setSeen] = useState<Several>(NONE);
  const timedRide = timedRideOf(above0(minutes), above0(laps), seen.faults);
  return (
    <div className="grid gap-1 border-l-4 border-steel bg-panel px-3 py-2">
      <TimedRideClock
        longestMinutes={props.longestMinutes}
        onStop={(seconds) => setMinutes(decimals(seconds / 60, 1))}
      />
      <div className="grid grid-cols-2 gap-3">
        <Count label="Minutes" value={minutes} onChange={setMinutes} />
        <Count label="Laps" value={laps} onChange={setLaps} />
      </div>
      <FaultCounters seen={seen.faults} onStep={(f, by) => setSeen(stepped(seen, f, by))} />
      <Button
        kind="primary"
        className="min-h-15"
        disabled={!props.canLog || timedRide === undefined}
        onClick={() => {
          if (timedRide === undefined) return;
          const { faults, ...detail } = timedRide;
          props.onLog([{ faults, detail }]);
        }}
      >
        Log the timed ride
      </Button>
    </div>
  );
}

/** Runs down the longest timed ride of the drill, or up where none is known; calls out once it is over. */
function TimedRideClock(props: { longestMinutes: number | undefined; onStop: (seconds: number) => void }) {
  const [from, setFrom] = useState<number>();
  const [seconds, setSeconds] = useState(0);
  const most = props.longestMinutes === undefined ? undefined : props.longestMinutes * 60;
  useEffect(() => {
    if (from === undefined) return undefined;
    const tick = setInterval(() => setSeconds(Math.floor((performance.now() - from) / 1000)), 250);
    return () => clearInterval(tick);
  }, [from]);
  const over = most !== undefined && seconds >= most;
  useEffect(() => {
    if (over && from !== undefined) signal();
  }, [over, from]);
  const running = from !== undefined;
  return (
    <div className="flex items-center justify-between gap-3">
      <Button
        className="min-h-15"
        onClick={() => {
          if (running) {
            // A tenth of a minute is the least that is a timed ride.
            props.onStop(Math.max(6, (performance.now() - from) / 1000));
            setFrom(undefined);
          } else {
            setSeconds(0);
            setFrom(performance.now());
          }
        }}
      >
        {running ? 'Stop the timed ride' : 'Start the timed ride'}
      </Button>
      <span className="text-right">
        <span
          role="timer"
          aria-label={
            most === undefined
              ? 'Ridden for'
              : over
                ? 'Over the longest timed ride by'
                : 'Left of the timed ride'
          }
          className={`figures block text-xl leading-tight ${over ? 'text-brick' : ''}`}
        >
          {countdown(most === undefined ? seconds : most - seconds)}
        </span>
        <span className={`block text-sm ${over ? 'text-brick' : 'text-soft'}`}>
          {over
            ? 'stop now, let clutch and hand rest'
            : most === undefined
              ? 'ridden'
              : `left of ${props.longestMinutes} min, an estimate for this machine`}
        </span>
      </span>
    </div>
  );
}

function above0(text: string): number | undefined {
  const n = readNumber(text);
  return n !== undefined && n > 0 ? n : undefined;
}

function Count(props: { label: string; value: string; onChange: (text: string) => void }) {
  return (
    <label className="block">
      <span className="mb-1 block text-sm text-soft">{props.label}</span>
      <input
        className="figures w-full rounded-sm border border-edge bg-page px-2 py-3 text-xl"
        inputMode="decimal"
        value={props.value}
        onChange={(e) => props.onChange(e.target.value)}
      />
    </label>
  );
}
