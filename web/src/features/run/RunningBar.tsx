import { useEffect, useRef, useState } from 'react';
import { Button, Chevron, useSay } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import { signal } from './signal';
import {
  countdown,
  secondsTo,
  turnOf,
  type Act,
  type Running,
  type RunningBlock,
  type UpNext,
  type useRunning,
} from './running';

/** Where the lesson is: what is on, how long still, who is up; and a way on. */
export function RunningBar(props: {
  lesson: ReturnType<typeof useRunning>;
  riderId: number;
  onUp: (block: RunningBlock, up: UpNext) => void;
  /** Whether all that can be done to the lesson is shown; it stays so while what is ridden changes. */
  more: boolean;
  onMore: (more: boolean) => void;
}) {
  const { running, readAt, act } = props.lesson;
  const say = useSay();
  const { more, onMore: setMore } = props;
  const here = useSeconds();
  if (running === undefined) return null;
  const go = (what: Act, riderId?: number) =>
    act.mutate({ act: what, ...(riderId !== undefined && { riderId }) }, { onError: say.failed });
  const anew = () =>
    act.mutate(
      { act: 'PLAN_ANEW' },
      { onSuccess: () => say.done('The rest is planned anew.'), onError: say.failed },
    );
  if (running.status === 'NOT_BEGUN') {
    return (
      <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-b border-rule pb-2">
        <span className="min-w-32 flex-1 text-soft">
          The lesson has not begun; runs can be logged all the same.
        </span>
        <Button className="min-h-12" disabled={act.isPending} onClick={() => go('BEGIN')}>
          Begin the lesson
        </Button>
      </div>
    );
  }
  if (running.status === 'OVER') {
    return (
      <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1 border-b border-rule pb-2">
        <span>The lesson is over.</span>
        <span className="flex gap-2">
          <Button className="min-h-12" onClick={() => go('BACK')}>
            Back
          </Button>
          <Button className="min-h-12" onClick={() => go('PUT_AWAY')}>
            Put it away
          </Button>
        </span>
      </div>
    );
  }
  const left = running.endsAt === undefined ? 0 : secondsTo(running.endsAt, running, readAt, here);
  const paused = running.status === 'PAUSED';
  const ridden = running.on.some(hasTurns) && running.on.every((b) => b.order.length === 0);
  const over = left < 0 || ridden;
  const onward = running.next.length === 0 ? 'End the lesson' : `On to: ${nameOf(running.next[0])}`;
  const own = turnOf(running, props.riderId);
  return (
    <section aria-label="Lesson" data-step={running.step} className="grid gap-2 border-b border-rule pb-2">
      <div className="flex items-center gap-2">
        <Clock running={running} left={left} rest={restText(running, readAt, here)} paused={paused} />
        <Button
          className="min-h-12 shrink-0"
          aria-expanded={more}
          aria-label="Run the lesson"
          onClick={() => setMore(!more)}
        >
          {more ? 'Less' : 'Lesson'}
        </Button>
      </div>
      {(own === undefined || own.up.done >= own.up.of) &&
        running.on.map((block, i) => (
          <Turns key={i} block={block} riderId={props.riderId} onUp={(up) => props.onUp(block, up)} />
        ))}
      {over && !more && (
        <Button className="min-h-15" kind="primary" disabled={act.isPending} onClick={() => go('ONWARD')}>
          {onward}
        </Button>
      )}
      {more && (
        <div className="grid gap-2 border-l-4 border-steel bg-panel px-3 py-2">
          <div className="grid grid-cols-2 gap-2">
            <Button className="min-h-15" onClick={() => go(paused ? 'GO_ON' : 'PAUSE')}>
              {paused ? 'Go on' : 'Pause'}
            </Button>
            <Button className="min-h-15" disabled={act.isPending} onClick={() => go('ONWARD')}>
              {onward}
            </Button>
          </div>
          <WhoIsHere running={running} go={go} />
          <div>
            <Button className="min-h-12" disabled={act.isPending} onClick={anew}>
              Plan the rest anew
            </Button>
            <p className="mt-1 text-sm text-soft">For who is here, in the time that is left.</p>
          </div>
          {running.step > 0 && (
            <Button className="min-h-12" onClick={() => go('BACK')}>
              Back to the step before
            </Button>
          )}
        </div>
      )}
    </section>
  );
}

/** Everybody of the lesson plan: to skip a turn, to leave, to come. */
function WhoIsHere({ running, go }: { running: Running; go: (act: Act, riderId: number) => void }) {
  const logged = running.on.some((b) => b.courseId !== undefined);
  return (
    <ul>
      {running.riders.map((r) => (
        <li key={r.riderId} className="flex items-center justify-between gap-2 py-1">
          <span className={`truncate ${r.away ? 'text-soft line-through' : ''}`}>{r.name}</span>
          <span className="flex shrink-0 gap-2">
            {!r.away && (
              <Button className="min-h-12" onClick={() => go('PASS', r.riderId)}>
                {logged ? 'Skip a turn' : 'Has ridden'}
              </Button>
            )}
            <Button className="min-h-12" onClick={() => go(r.away ? 'COME' : 'LEAVE', r.riderId)}>
              {r.away ? 'Is here' : 'Is away'}
            </Button>
          </span>
        </li>
      ))}
    </ul>
  );
}

function nameOf(block: RunningBlock | undefined): string {
  if (block === undefined) return '';
  return block.sort === 'DRILLS' ? (block.stationName ?? block.label) : block.label;
}

/** Whether somebody rides in a block. */
function hasTurns({ sort }: RunningBlock): boolean {
  return sort === 'DRILLS' || sort === 'WARM_UP' || sort === 'CLOSING';
}

function restText(running: Running, readAt: number, here: number): string {
  if (running.restAt === undefined) return '';
  const minutes = Math.ceil(secondsTo(running.restAt, running, readAt, here) / 60);
  return minutes <= 0 ? 'rest due' : `rest in ${minutes} min`;
}

/** What is on and how long still; says so once when its time is up. */
function Clock(props: { running: Running; left: number; rest: string; paused: boolean }) {
  const { running, left } = props;
  const said = useRef(running.step);
  useEffect(() => {
    if (left > 0) said.current = -1;
    else if (said.current !== running.step) {
      said.current = running.step;
      signal();
    }
  }, [left, running.step]);
  const behind = running.behindMinutes;
  return (
    <p className="flex min-w-0 flex-1 flex-wrap items-baseline justify-between gap-x-3">
      <b className="text-lg">{[...new Set(running.on.map(nameOf))].join(' and ')}</b>
      <span>
        <span
          role="timer"
          className={`figures text-xl ${left < 0 ? 'text-brick' : ''}`}
          aria-label={left < 0 ? 'Over time by' : 'Time left'}
        >
          {countdown(left)}
        </span>
        <span className="ml-1 text-sm text-soft">
          {props.paused ? 'paused' : left < 0 ? 'over time' : 'left'}
          {props.rest !== '' && ` · ${props.rest}`}
          {behind > 0 && ` · ${behind} min behind`}
        </span>
      </span>
    </p>
  );
}

/** Who is up in a block, and who after; tapped, they are shown. */
function Turns(props: { block: RunningBlock; riderId: number; onUp: (up: UpNext) => void }) {
  const { block, riderId } = props;
  const { system } = usePreferences();
  const [first, second] = block.order;
  if (first === undefined) {
    return hasTurns(block) ? <p className="text-soft">All turns are ridden here.</p> : null;
  }
  const away = first.riderId !== riderId;
  return (
    <div className={`flex items-center justify-between gap-3 ${away ? '' : 'border-l-4 border-cone pl-2'}`}>
      <p className="min-w-0">
        <b className="block truncate">Up: {first.riderName}</b>
        <span className="block text-sm text-soft">
          {first.side !== undefined && <Chevron side={first.side} size={10} />}{' '}
          {first.settingMetres !== undefined && `${lengthText(first.settingMetres, system)}, `}
          {first.drillName}, turn {first.done + 1} of {first.of}
          {second && `; then ${second.riderName}`}
        </span>
      </p>
      {away && (
        <Button className="min-h-12 shrink-0" onClick={() => props.onUp(first)}>
          Show
        </Button>
      )}
    </div>
  );
}

/** The time of this device, anew every second. */
function useSeconds(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(tick);
  }, []);
  return now;
}
