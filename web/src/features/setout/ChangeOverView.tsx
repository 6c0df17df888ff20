import { requestOf, type Course, type CourseRequest } from '../course';
import { useReading } from '../../shared/http';
import { Tarmac, type Bounds, type View } from '../../shared/plan';
import { Loading, Select } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import { useChangeOver, type ChangeOver } from './api';
import { SORTS } from './model';

type Step = ChangeOver['steps'][number];

const keyOf = (s: Step) => `${s.sort}${s.fromLabel}>${s.toLabel}`;

/** What has to be done, in the order of its numbers; cones that stay have none. */
const toDo = (change: ChangeOver) => change.steps.filter((s) => s.doing !== 'STAYS');

/** From this course to another: what stays, what moves where, what comes and goes. */
export function ChangeOverView(props: {
  course: CourseRequest;
  others: Course[];
  to: Course | undefined;
  onTo: (id: number | undefined) => void;
}) {
  return (
    <section aria-label="Change over" className="mt-6 border-t border-ink/15 pt-4 print:hidden">
      <div className="mb-3 flex flex-wrap items-end gap-4">
        <h2>Change over</h2>
        <Select
          label="To the course"
          value={String(props.to?.id ?? '')}
          options={[
            { value: '', label: 'choose the next one' },
            ...props.others.map((c) => ({ value: String(c.id), label: c.name })),
          ]}
          onChoose={(v) => props.onTo(v === '' ? undefined : Number(v))}
        />
      </div>
      {props.to && <Shown from={props.course} to={requestOf(props.to)} />}
    </section>
  );
}

function Shown({ from, to }: { from: CourseRequest; to: CourseRequest }) {
  const { system } = usePreferences();
  const change = useReading(useChangeOver(from, to, system));
  return (
    <Loading of={change}>
      {(c) => (
        <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_30rem]">
          <Drawing change={c} />
          <Steps change={c} from={from.name} to={to.name} />
        </div>
      )}
    </Loading>
  );
}

function Steps({ change, from, to }: { change: ChangeOver; from: string; to: string }) {
  const { system } = usePreferences();
  const text = (metres: number) => lengthText(metres, system);
  const done = toDo(change);
  const staying = change.steps.filter((s) => s.doing === 'STAYS');
  const stay = staying
    .map((s) => (s.fromLabel === s.toLabel ? s.fromLabel : `${s.fromLabel} (now ${s.toLabel})`))
    .join(', ');
  return (
    <div>
      <p className="mb-2">
        From {from} to {to}, both from the same datum and baseline; spare cones are stacked at the datum.{' '}
        {done.length === 0 ? (
          'Every cone stays where it is.'
        ) : (
          <>
            About <span className="figures">{text(change.walkedMetres)}</span> to walk and{' '}
            <span className="figures">{Math.max(1, Math.round(change.minutes))}</span> min, an estimate.
          </>
        )}
      </p>
      {staying.length > 0 && done.length > 0 && (
        <p className="mb-2">
          <b>Stay:</b> {stay}.
        </p>
      )}
      <ol className="grid list-decimal gap-1 pl-8">
        {done.map((s) => (
          <li key={keyOf(s)}>{sentence(s, text)}</li>
        ))}
      </ol>
    </div>
  );
}

function sentence(s: Step, text: (metres: number) => string) {
  const place = (
    <span className="figures whitespace-nowrap">
      {text(s.to.x)} along, {text(s.to.y)} across
    </span>
  );
  if (s.doing === 'GOES') {
    return (
      <>
        Pick up {SORTS[s.sort]} <b>{s.fromLabel}</b>.
      </>
    );
  }
  if (s.doing === 'COMES') {
    return (
      <>
        From the stack, a {SORTS[s.sort]} as <b>{s.toLabel}</b>: {place}.
      </>
    );
  }
  return (
    <>
      Move {SORTS[s.sort]} <b>{s.fromLabel}</b> to <b>{s.toLabel}</b>: {place},{' '}
      <span className="figures">{text(Math.hypot(s.to.x - s.from.x, s.to.y - s.from.y))}</span> away.
    </>
  );
}

const MARGIN = { x: 40, y: 40 };

/** Cones as they stand hollow, as they will stand filled, arrows numbered as the list. */
function Drawing({ change }: { change: ChangeOver }) {
  const done = toDo(change);
  return (
    <Tarmac
      label="Drawing of the change-over"
      className="h-[28rem]"
      bounds={boundsOf(change)}
      margin={MARGIN}
    >
      {(view) => (
        <>
          <Stack view={view} />
          {change.steps.map((s) => (
            <Cones key={keyOf(s)} step={s} view={view} />
          ))}
          {done.map((s, i) => (
            <Arrow key={keyOf(s)} step={s} number={i + 1} view={view} />
          ))}
        </>
      )}
    </Tarmac>
  );
}

function Stack({ view }: { view: View }) {
  return (
    <g aria-hidden="true">
      <path
        d={`M${view.x(0) - 9} ${view.y(0)}h18M${view.x(0)} ${view.y(0) - 9}v18`}
        stroke="var(--chalk)"
        strokeWidth={2}
      />
      <text x={view.x(0)} y={view.y(0) + 26} fill="var(--chalk)" fontSize={13} textAnchor="middle">
        datum, stack
      </text>
    </g>
  );
}

function Cones({ step, view }: { step: Step; view: View }) {
  const r = step.sort === 'TALL' ? 7 : 5;
  return (
    <g aria-hidden="true" stroke="var(--plan-cone)" strokeWidth={2}>
      {step.doing !== 'COMES' && (
        <circle cx={view.x(step.from.x)} cy={view.y(step.from.y)} r={r} fill="none" strokeDasharray="3 2" />
      )}
      {step.doing !== 'GOES' && (
        <circle cx={view.x(step.to.x)} cy={view.y(step.to.y)} r={r} fill="var(--plan-cone)" />
      )}
    </g>
  );
}

function Arrow({ step, number, view }: { step: Step; number: number; view: View }) {
  const from = { x: view.x(step.from.x), y: view.y(step.from.y) };
  const to = { x: view.x(step.to.x), y: view.y(step.to.y) };
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  const short = step.doing === 'MOVES' ? Math.max(0, length - 9) / length : 0;
  const tip = { x: from.x + (to.x - from.x) * short, y: from.y + (to.y - from.y) * short };
  const angle = (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI;
  const at =
    step.doing === 'MOVES'
      ? { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
      : step.doing === 'GOES'
        ? from
        : to;
  return (
    <g aria-hidden="true">
      {step.doing === 'MOVES' && (
        <>
          <path d={`M${from.x} ${from.y}L${tip.x} ${tip.y}`} stroke="var(--chalk)" strokeWidth={1.5} />
          <path
            d="M-7 -4L0 0L-7 4"
            transform={`translate(${tip.x} ${tip.y}) rotate(${angle})`}
            stroke="var(--chalk)"
            strokeWidth={1.8}
            fill="none"
          />
        </>
      )}
      <text
        x={at.x + 12}
        y={at.y - 8}
        fill="var(--chalk)"
        className="figures"
        fontSize={14}
        fontWeight={600}
        textAnchor="middle"
        paintOrder="stroke"
        stroke="var(--tarmac)"
        strokeWidth={4}
      >
        {step.doing === 'COMES' ? `+${number}` : step.doing === 'GOES' ? `−${number}` : number}
      </text>
    </g>
  );
}

function boundsOf(change: ChangeOver): Bounds {
  const points = [{ x: 0, y: 0 }, ...change.steps.flatMap((s) => [s.from, s.to])];
  return {
    minX: Math.min(...points.map((p) => p.x)) - 0.5,
    maxX: Math.max(...points.map((p) => p.x)) + 0.5,
    minY: Math.min(...points.map((p) => p.y)) - 0.5,
    maxY: Math.max(...points.map((p) => p.y)) + 0.5,
  };
}
