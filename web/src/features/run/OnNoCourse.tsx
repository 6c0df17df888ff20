import type { ReactNode } from 'react';
import type { Side } from './api';
import { useDrillRange, type DrillRidden } from './activity';
import { shown } from './outbox';
import { RunLogger, type Around } from './RunLogger';
import type { HeldOutbox } from './useOutbox';

/** One rider on a drill that is ridden on no course. */
export function OnNoCourse(props: {
  of: { dayId: number; riderId: number; machineId: number };
  drill: DrillRidden;
  turning: { side: Side; onSide: (side: Side) => void };
  around: Omit<Around, 'onSize'>;
  outbox: HeldOutbox;
  head: ReactNode;
  /** What else can be ridden. */
  children: ReactNode;
}) {
  const { of, drill, outbox } = props;
  const known = useDrillRange({ ...of, drillId: drill.drillId });
  const runs = shown(
    known.data?.runs ?? [],
    outbox.box,
    (r) =>
      r.dayId === of.dayId &&
      r.riderId === of.riderId &&
      r.drillId === drill.drillId &&
      r.courseId === undefined,
  );
  const lost = known.isError || known.failureCount > 0;
  return (
    <RunLogger
      ridden={{ of: { ...of, drillId: drill.drillId }, drill, on: undefined }}
      turning={drill.eachSide ? props.turning : undefined}
      runs={runs}
      known={{
        unscored: [],
        earlier: known.data ? 'known' : lost ? 'lost' : 'coming',
        reached: !lost,
      }}
      around={{ ...props.around, onSize: undefined }}
      outbox={outbox}
      head={props.head}
    >
      {props.children}
      <p aria-live="polite" className="min-h-12 border-l-4 border-steel bg-panel px-3 py-1.5">
        {known.data ? (
          <>
            {known.data.progress.looked === 0 ? (
              <b>No runs yet on this machine.</b>
            ) : (
              <>
                <b>
                  {known.data.progress.good} of the last {known.data.progress.looked}
                </b>{' '}
                {drill.loggedBy === 'RUN' ? 'clean' : 'reached the mark'}
                {drill.eachSide && ' to the weaker side'}.
              </>
            )}{' '}
            Mastered with {known.data.pass.clean} of {known.data.pass.of}
            {drill.eachSide && ' to each side'}.
          </>
        ) : (
          <span className="text-soft">{lost ? 'Earlier runs are out of reach.' : 'One moment…'}</span>
        )}
      </p>
    </RunLogger>
  );
}
