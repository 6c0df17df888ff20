import { decimals } from '../../shared/units';
import { useEffect, useState } from 'react';
import { Button } from '../../shared/ui';

export interface Held {
  from: number | undefined;
  tenths: number;
  /** What goes with the next run, also while the watch is running; missing where it was not used. */
  seconds: number | undefined;
  toggle: () => void;
  clear: () => void;
}

/** A stopwatch: started, stopped, started anew. */
export function useTimer(): Held {
  const [from, setFrom] = useState<number>();
  const [tenths, setTenths] = useState(0);
  useEffect(() => {
    if (from === undefined) return undefined;
    const tick = setInterval(() => setTenths(Math.floor((performance.now() - from) / 100)), 100);
    return () => clearInterval(tick);
  }, [from]);
  const toggle = () => {
    if (from === undefined) {
      setTenths(0);
      setFrom(performance.now());
    } else {
      setFrom(undefined);
    }
  };
  const clear = () => {
    setFrom(undefined);
    setTenths(0);
  };
  return { from, tenths, seconds: tenths > 0 ? tenths / 10 : undefined, toggle, clear };
}

/** The stopwatch and its one button. */
export function Timer({ timer }: { timer: Held }) {
  return (
    <span className="flex items-center gap-2">
      <Button onClick={timer.toggle}>{timer.from === undefined ? 'Start timer' : 'Stop timer'}</Button>
      <span className="figures text-xl">
        {decimals(timer.tenths / 10, 1)}
        <span className="text-soft">{'\u2009'}s</span>
      </span>
      {timer.seconds !== undefined && <span className="text-sm text-soft">goes with the next run</span>}
    </span>
  );
}
