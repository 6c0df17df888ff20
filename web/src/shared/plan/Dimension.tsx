import { useEffect, useRef, useState } from 'react';

/** A dimension line as a draughtsman draws it: between two places, with ticks, and its figure in the middle. */
export function DimensionLine(props: { x1: number; y1: number; x2: number; y2: number }) {
  const { x1, y1, x2, y2 } = props;
  const t = 5;
  const tick = (x: number, y: number) => `M${x - t} ${y + t}L${x + t} ${y - t}`;
  return (
    <path
      aria-hidden="true"
      d={`M${x1} ${y1}L${x2} ${y2}${tick(x1, y1)}${tick(x2, y2)}`}
      stroke="var(--chalk)"
      strokeWidth={1.2}
      fill="none"
    />
  );
}

/** The figure of a dimension: click it, or press Enter on it, to type another. */
export function DimensionFigure(props: {
  x: number;
  y: number;
  name: string;
  text: string;
  typed: string;
  /** On a small drawing, where figures would cover what they measure. */
  small?: boolean;
  onType: (text: string) => Promise<string | undefined>;
}) {
  const [open, setOpen] = useState(false);
  const [refused, setRefused] = useState<string>();
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (open) input.current?.select();
  }, [open]);
  const width = props.small ? props.text.length * 7.3 + 8 : Math.max(74, props.text.length * 8.4 + 18);
  const height = props.small ? 24 : 28;
  const submit = async (text: string) => {
    const problem = await props.onType(text);
    setRefused(problem);
    if (problem === undefined) setOpen(false);
  };
  return (
    <foreignObject
      x={props.x - (open ? 90 : width / 2)}
      y={props.y - height / 2}
      width={open ? 180 : width}
      height={open ? 130 : height}
    >
      {open ? (
        <form
          className="bg-panel p-1 text-ink"
          onSubmit={(e) => {
            e.preventDefault();
            void submit(String(new FormData(e.currentTarget).get('value')));
          }}
        >
          <input
            ref={input}
            name="value"
            aria-label={`${props.name}, new value`}
            aria-invalid={refused !== undefined}
            defaultValue={props.typed}
            autoComplete="off"
            className="figures w-full border border-ink bg-panel px-1 text-sm"
            onKeyDown={(e) => {
              if (e.key === 'Escape') {
                setOpen(false);
                setRefused(undefined);
              }
            }}
            onBlur={() => refused === undefined && setOpen(false)}
          />
          {refused && (
            <p role="alert" className="mt-1 text-xs leading-tight text-brick">
              {refused}
            </p>
          )}
        </form>
      ) : (
        <button
          type="button"
          aria-label={`${props.name} ${props.text}: type another`}
          className={`figures h-full w-full rounded-sm bg-cone font-semibold text-on-cone ${props.small ? 'text-xs' : 'text-sm'}`}
          onClick={() => setOpen(true)}
        >
          {props.text}
        </button>
      )}
    </foreignObject>
  );
}
