import { Slider } from 'radix-ui';
import { memo } from 'react';
import { degreesText, lengthText, usePreferences } from '../../../shared/units';
import type { Line } from '../api';
import { bandsOf, curveOf } from './strip';

const WIDTH = 1000;
const HEIGHT = 64;

/** Lean, bars and room along the line, with its turns; the slider runs the machine along it. */
export const LineStrip = memo(function LineStrip(props: {
  line: Line;
  at: number | undefined;
  onAt: (index: number) => void;
}) {
  const { line } = props;
  const { system } = usePreferences();
  const index = Math.min(props.at ?? 0, line.places.length - 1);
  const here = line.places[index];
  if (here === undefined) return null;
  const x = (metres: number) => (metres / line.lengthMetres) * WIDTH;
  const text = (metres: number) => lengthText(metres, system);
  const side = (radians: number) => (Math.abs(radians) < 0.009 ? '' : radians > 0 ? ' left' : ' right');
  return (
    <section aria-label="Along the line" className="grid gap-1">
      <div className="flex flex-wrap items-baseline justify-between gap-x-5 text-sm">
        <span className="figures whitespace-nowrap">
          {text(here.distanceMetres)} of {text(line.lengthMetres)}
        </span>
        <span className="whitespace-nowrap">
          lean{' '}
          <b className="figures font-semibold">
            {degreesText(Math.abs(here.leanRadians))}
            {side(here.leanRadians)}
          </b>
        </span>
        <span className="whitespace-nowrap">
          <span aria-hidden="true" className="mr-1 inline-block w-5 border-t-2 border-steel align-middle" />
          bars{' '}
          <b className="figures font-semibold">
            {degreesText(Math.abs(here.barsRadians))}
            {side(here.barsRadians)}
          </b>
        </span>
        <span className="whitespace-nowrap">
          <span
            aria-hidden="true"
            className="mr-1 inline-block w-5 border-t-2 border-dashed border-cone align-middle"
          />
          clearance <b className="figures font-semibold">{text(here.clearanceMetres)}</b>
        </span>
      </div>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        aria-hidden="true"
        className="h-16 w-full border border-rule bg-panel"
        onPointerMove={(e) => {
          const box = e.currentTarget.getBoundingClientRect();
          const share = (e.clientX - box.left) / box.width;
          props.onAt(Math.round(share * (line.places.length - 1)));
        }}
      >
        {bandsOf(line, WIDTH).map((b, i) => (
          <rect
            key={i}
            x={b.x}
            width={b.width}
            y={0}
            height={HEIGHT}
            fill="var(--steel)"
            opacity={b.opacity}
          />
        ))}
        <path d={`M0 ${HEIGHT / 2}H${WIDTH}`} stroke="var(--rule)" vectorEffect="non-scaling-stroke" />
        <path
          d={curveOf(line, (p) => p.barsRadians / 0.8, WIDTH, HEIGHT)}
          stroke="var(--steel)"
          strokeWidth={2}
          fill="none"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d={curveOf(line, (p) => Math.min(1, p.clearanceMetres / 1.5), WIDTH, HEIGHT)}
          stroke="var(--cone)"
          strokeWidth={1.6}
          strokeDasharray="5 4"
          fill="none"
          vectorEffect="non-scaling-stroke"
        />
        <path
          d={`M${x(here.distanceMetres)} 0V${HEIGHT}`}
          stroke="var(--ink)"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      </svg>
      <Slider.Root
        className="relative flex h-6 w-full touch-none items-center"
        min={0}
        max={line.places.length - 1}
        value={[index]}
        onValueChange={([v]) => v !== undefined && props.onAt(v)}
      >
        <Slider.Track className="h-1 w-full bg-rule">
          <Slider.Range className="absolute h-1 bg-ink" />
        </Slider.Track>
        <Slider.Thumb
          aria-label="Run the machine along the line"
          className="block size-5 rounded-full border-2 border-page bg-ink"
        />
      </Slider.Root>
    </section>
  );
});
