import { startTransition, useEffect, useRef, useState, type ReactNode } from 'react';
import { lengthText, METRES_PER_FOOT, usePreferences } from '../units';
import { useCloser } from './Closer';
import { fitView, ticks, type Bounds, type Ground, type Margin, type View } from './view';

/** The ground of a plan: fills the room it is given, with a grid and a scale bar. */
export function Tarmac(props: {
  /** What has to be in view, by the width of the drawing in pixels. */
  bounds: (width: number) => Bounds;
  label: string;
  className?: string;
  /** What is kept free all round for dimension lines, by the width of the drawing in pixels. */
  margin?: (width: number) => Margin;
  /** Said where a coarse drawing can be looked at closer: what then comes into the middle first, if anything. */
  closer?: { at: Ground | undefined };
  children: (view: View) => ReactNode;
}) {
  const box = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState<{ width: number; height: number }>();
  useEffect(() => {
    const element = box.current;
    if (element === null) return undefined;
    const watch = new ResizeObserver(([entry]) => {
      if (entry === undefined) return;
      const { width, height } = entry.contentRect;
      // In slices: all that is drawn hangs on it.
      startTransition(() => setSize({ width, height }));
    });
    watch.observe(element);
    return () => watch.disconnect();
  }, []);
  const drawn = size && size.width > 0 && size.height > 0 ? size : undefined;
  const bounds = drawn && props.bounds(drawn.width);
  const whole = bounds && fitView(bounds, drawn.width, drawn.height, props.margin?.(drawn.width));
  const { view, buttons, movable } = useCloser(whole, bounds && props.closer && { bounds, ...props.closer });
  return (
    <div
      ref={box}
      className={`relative overflow-hidden rounded-sm border border-ink/20 bg-tarmac ${props.className ?? 'h-96'}`}
    >
      {view && (
        <svg
          role="group"
          aria-label={props.label}
          width={view.width}
          height={view.height}
          viewBox={`0 0 ${view.width} ${view.height}`}
          className="drawing absolute inset-0"
        >
          <Grid view={view} />
          {movable(props.children(view))}
          <ScaleBar view={view} />
        </svg>
      )}
      {buttons}
    </div>
  );
}

function Grid({ view }: { view: View }) {
  const { system } = usePreferences();
  const least = system === 'METRIC' ? 1 : 5 * METRES_PER_FOOT;
  const step = view.pixelsPerMetre * least < 14 ? least * 5 : least;
  const { minX, maxX, minY, maxY } = view.bounds;
  return (
    <g aria-hidden="true" stroke="var(--plan-grid)" strokeWidth={1}>
      {ticks(minX, maxX, step).map((x) => (
        <line key={`x${x}`} x1={view.x(x)} x2={view.x(x)} y1={0} y2={view.height} />
      ))}
      {ticks(minY, maxY, step).map((y) => (
        <line key={`y${y}`} y1={view.y(y)} y2={view.y(y)} x1={0} x2={view.width} />
      ))}
    </g>
  );
}

function ScaleBar({ view }: { view: View }) {
  const { system } = usePreferences();
  const unit = system === 'METRIC' ? 1 : METRES_PER_FOOT;
  const steps = [1, 2, 5, 10, 20, 50];
  const count = steps.find((s) => s * unit * view.pixelsPerMetre > 70) ?? 50;
  const length = count * unit * view.pixelsPerMetre;
  const y = view.height - 14;
  return (
    <g aria-hidden="true" stroke="var(--chalk)" strokeWidth={1.2} fill="none">
      <path d={`M14 ${y - 5}V${y + 5}M14 ${y}H${14 + length}M${14 + length} ${y - 5}V${y + 5}`} />
      <text
        x={14 + length / 2}
        y={y - 6}
        fill="var(--chalk)"
        stroke="none"
        textAnchor="middle"
        className="figures"
        fontSize={12}
      >
        {system === 'METRIC' ? `${count}\u2009m` : lengthText(count * unit, system)}
      </text>
    </g>
  );
}
