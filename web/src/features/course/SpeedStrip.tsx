import { speedText, usePreferences } from '../../shared/units';
import type { SpeedWindows } from './api';

type Window = NonNullable<SpeedWindows['firm']>;

const WHY: Record<NonNullable<Window['fastestBecause']>, string> = {
  LOCK: 'the lock',
  LEAN: 'lean: something would scrape',
  GRIP: 'grip: half of it is kept back',
  STEERING_RATE: 'how fast the bars are turned',
  ROLL_RATE: 'how fast the machine is leaned over',
  BALANCE: 'balance',
};

/** Up to where the strip is drawn, in m/s: a little beyond the fastest the core looks at. */
const END = 7.2;

/** The speeds at which the course can be ridden, with the machine's idle walking speed marked; on loose ground both ways. */
export function SpeedStrip({ windows }: { windows: SpeedWindows }) {
  const { firm, looseGround: loose } = windows;
  return (
    <section aria-label="Speed window" className="grid gap-1">
      <div className="text-sm text-soft">Speed window, an estimate</div>
      {firm ? (
        <OneWindow window={firm} label={loose ? 'Carrying speed, body in line' : undefined} />
      ) : (
        <p>
          {loose ? 'Body in line: fits at no rolling speed.' : 'Not ridden rolling, or fits at no speed.'}
        </p>
      )}
      {loose &&
        (windows.loose ? (
          <OneWindow window={windows.loose} label="Walking pace, bars to the stop, body out" />
        ) : (
          <p>Body out: fits at no rolling speed.</p>
        ))}
    </section>
  );
}

function OneWindow({ window: w, label }: { window: Window; label: string | undefined }) {
  const { speed } = usePreferences();
  const at = (v: number) => `${Math.min(100, (v / END) * 100)}%`;
  const text = (v: number) => speedText(v, speed);
  const idle = w.idleWalking;
  return (
    <div>
      {label && <div className="text-[0.87rem]">{label}</div>}
      <div className="relative h-5 border border-rule bg-panel" aria-hidden="true">
        <div
          className="absolute inset-y-0 bg-moss"
          style={{ left: at(w.slowest), width: `calc(${at(w.fastest)} - ${at(w.slowest)})` }}
        />
        {idle !== undefined && (
          <div className="absolute -inset-y-1 w-0.5 bg-cone" style={{ left: at(idle) }} />
        )}
      </div>
      <p className="mt-1 text-[0.9rem]">
        <span className="figures">{text(w.slowest)}</span> ({WHY[w.slowestBecause]}) to{' '}
        <span className="figures">{text(w.fastest)}</span>
        {w.fastestBecause ? ` (${WHY[w.fastestBecause]})` : ' and beyond'}; most room at{' '}
        <span className="figures">{text(w.roomiest)}</span>.
        {idle !== undefined && (
          <>
            {' '}
            Idle walks at <span className="figures">{text(idle)}</span>
            {w.needsFrictionZone ? ': ' : '.'}
            {w.needsFrictionZone && <b>this needs the friction zone.</b>}
          </>
        )}
      </p>
    </div>
  );
}
