import { useEffect, useState } from 'react';
import { Button } from '../../shared/ui';

interface Held {
  from: number | undefined;
  tenths: number;
  toggle: () => void;
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
  return { from, tenths, toggle };
}

/** The stopwatch and its one button. */
export function Timer({ timer }: { timer: Held }) {
  return (
    <span className="flex items-center gap-2">
      <Button onClick={timer.toggle}>{timer.from === undefined ? 'Start timer' : 'Stop timer'}</Button>
      <span className="figures text-[1.2rem]">
        {(timer.tenths / 10).toFixed(1)}
        <span className="text-soft">{'\u2009'}s</span>
      </span>
    </span>
  );
}
