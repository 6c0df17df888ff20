import { useEffect, useRef, useState } from 'react';
import { usePreferences } from '../../shared/units';
import type { Progress } from './api';
import { layOut, type Scale } from './chart';
import { Axis, Estimates, Kerb, RunMark } from './LaneParts';

/** The two-sided lane: left turns to the left of the middle, right turns to the right, closing in on the kerb. */
export function LaneChart({ progress, scale }: { progress: Progress; scale: Scale }) {
  const { system } = usePreferences();
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    const element = box.current;
    if (element === null) return undefined;
    const watch = new ResizeObserver(([entry]) => setWidth(entry?.contentRect.width ?? 0));
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const runs = progress.days.reduce((n, d) => n + d.runs.length, 0);
  const height = Math.max(420, runs * 10 + progress.days.length * 16 + 60);
  const chart = width > 0 ? layOut(progress, scale, system, width, height) : undefined;
  return (
    <div ref={box} className="w-full" style={{ minHeight: height }}>
      {chart && (
        <svg
          width={chart.width}
          height={chart.height}
          className="drawing"
          role="img"
          aria-label={`${progress.settingLabel} ridden, run by run; the table below has every run`}
        >
          <Axis chart={chart} />
          <Estimates chart={chart} />
          <Kerb chart={chart} limits={progress.riderSizes} scale={scale} />
          {chart.marks.map((m) => (
            <RunMark key={m.id} mark={m} />
          ))}
        </svg>
      )}
    </div>
  );
}
