import type { ReactNode } from 'react';
import { speedBand, speedText, usePreferences } from '../../../shared/units';
import type { SpeedWindows } from '../api';

type Window = NonNullable<SpeedWindows['firm']>;

const WHY: Record<NonNullable<Window['fastestBecause']>, string> = {
  LOCK: 'the lock',
  LEAN: 'lean: something would scrape',
  GRIP: 'grip: part of it is kept back',
  STEERING_RATE: 'how fast the bars are turned',
  ROLL_RATE: 'how fast the machine is leaned over',
  BALANCE: 'balance',
};

/** Up to where the strip is drawn, in m/s: a little beyond the fastest the core looks at. */
const END = 7.2;

/** The speeds at which the course can be ridden, with the machine's idle walking speed marked; on loose ground both ways. */
export function SpeedStrip({
  windows,
  drawn,
  speed,
  onSpeed,
}: {
  windows: SpeedWindows;
  /** The speed of the line drawn, in m/s. */
  drawn: number | undefined;
  /** The speed that was chosen; missing where none was. */
  speed: number | undefined;
  onSpeed: (metresPerSecond: number | undefined) => void;
}) {
  const { firm, looseGround: loose } = windows;
  return (
    <section aria-label="Speed window" className="grid gap-1">
      <div className="text-sm text-soft">Speed window, an estimate</div>
      {firm ? (
        <>
          <OneWindow window={firm} label={loose ? 'Carrying speed, body in line' : undefined}>
            <SpeedSlider drawn={drawn ?? firm.judged} speed={speed} onSpeed={onSpeed} />
          </OneWindow>
        </>
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

/** Half a km/h, the step the core judges speeds in, in m/s. */
const STEP = 0.5 / 3.6;

/** The slowest speed that is calculated, in m/s. */
const SLOWEST = 0.6;

/** Chooses the speed the line is drawn at, instead of the recommended one. */
function SpeedSlider(props: {
  drawn: number;
  speed: number | undefined;
  onSpeed: (metresPerSecond: number | undefined) => void;
}) {
  const { speed: system } = usePreferences();
  const at = props.speed ?? props.drawn;
  return (
    <div>
      <input
        type="range"
        aria-label="Speed of the line drawn"
        aria-valuetext={speedText(at, system)}
        min={0}
        max={END}
        step={STEP}
        value={at}
        onChange={(e) => props.onSpeed(Math.max(SLOWEST, Number(e.target.value)))}
        className="m-0 block w-full accent-ink"
      />
      <p className="text-sm">
        Line drawn at <span className="figures">{speedText(at, system)}</span>
        {props.speed === undefined ? ', as recommended.' : '. '}
        {props.speed !== undefined && (
          <button type="button" className="underline" onClick={() => props.onSpeed(undefined)}>
            Use the recommended speed
          </button>
        )}
      </p>
    </div>
  );
}

function OneWindow({
  window: w,
  label,
  children,
}: {
  window: Window;
  label: string | undefined;
  children?: ReactNode;
}) {
  const { speed } = usePreferences();
  const at = (v: number) => `${Math.min(100, (v / END) * 100)}%`;
  const text = (v: number) => speedText(v, speed);
  const idle = w.idleWalking;
  return (
    <div>
      {label && <div className="text-sm">{label}</div>}
      <div className="relative h-5 border border-rule bg-panel" aria-hidden="true">
        <div
          className="absolute inset-y-0 bg-moss"
          style={{ left: at(w.slowest), width: `calc(${at(w.fastest)} - ${at(w.slowest)})` }}
        />
        <div
          className="absolute inset-y-1 border-x-2 border-page bg-ink"
          style={{
            left: at(w.recommended.slowest),
            width: `max(3px, calc(${at(w.recommended.fastest)} - ${at(w.recommended.slowest)}))`,
          }}
        />
        {idle !== undefined && (
          <div className="absolute -inset-y-1 w-0.5 bg-cone" style={{ left: at(idle) }} />
        )}
      </div>
      {children}
      <p className="mt-1 text-sm">
        Ride it at{' '}
        <span className="figures">{speedBand(w.recommended.slowest, w.recommended.fastest, speed)}</span>. It
        fits from <span className="figures">{text(w.slowest)}</span> ({WHY[w.slowestBecause]}) to{' '}
        <span className="figures">{text(w.fastest)}</span>
        {w.fastestBecause ? ` (${WHY[w.fastestBecause]})` : ' and beyond'}; most clearance at{' '}
        <span className="figures">{text(w.judged)}</span>.
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
