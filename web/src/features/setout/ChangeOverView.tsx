import { pairsOf, requestOf, useLadder, type Course } from '../course';
import type { Day } from '../day';
import { useMachines } from '../machine';
import { useRiders } from '../rider';
import { saidAt } from '../standing';
import { useReading } from '../../shared/http';
import { Loading, Select } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import { useChangeOver, type ChangeOver, type ChangeOverRequest, type SetOutRequest } from './api';
import { ChangeOverDrawing } from './ChangeOverDrawing';
import { SORTS } from './model';
import { keyOf, toDo, type Move } from './moves';

const RUNG = 'rung:';

/** From this course to another, or to another rung of it: what stays, what moves where, what comes and goes. */
export function ChangeOverView(props: {
  course: Course;
  others: Course[];
  day: Day | undefined;
  along: SetOutRequest['along'];
  to: string;
  onTo: (to: string) => void;
}) {
  const { course, day, to } = props;
  const { system } = usePreferences();
  const machines = useMachines().data ?? [];
  const riders = useRiders().data ?? [];
  const pair = pairsOf(day, machines, riders)[0];
  const from = requestOf(course);
  const ladder = useLadder(
    pair && {
      course: from,
      machineId: pair.machine.id,
      level: pair.rider?.level ?? 'DEVELOPING',
      settled: true,
    },
  ).data;
  const other = props.others.find((c) => String(c.id) === to);
  const target = other
    ? { course: requestOf(other), standsAt: saidAt(day, other.id) }
    : to.startsWith(RUNG)
      ? { course: from, standsAt: [Number(to.slice(RUNG.length))] }
      : undefined;
  const stand = (id: number | undefined) => day?.stands.find((s) => s.courseId === id)?.stand;
  const fromStand = stand(course.id);
  const toStand = other ? stand(other.id) : fromStand;
  const rungs = (ladder?.rungs ?? []).map((r) => ({
    value: `${RUNG}${r.settingMetres}`,
    label: `the same at ${lengthText(r.settingMetres, system)}`,
  }));
  return (
    <section aria-label="Change over" className="mt-6 border-t border-ink/15 pt-4 print:hidden">
      <div className="mb-3 flex flex-wrap items-end gap-4">
        <h2>Change over</h2>
        <Select
          label="To the course"
          value={to}
          options={[
            { value: '', label: 'choose the next one' },
            ...props.others.map((c) => ({ value: String(c.id), label: c.name })),
            ...rungs,
          ]}
          onChoose={props.onTo}
        />
      </div>
      {target && (
        <Shown
          to={other?.name ?? rungs.find((r) => r.value === to)?.label ?? 'the other rung'}
          request={{
            from: { course: from, standsAt: saidAt(day, course.id) },
            to: target,
            system,
            ...(day?.yardId !== undefined && { yardId: day.yardId }),
            ...(fromStand && { fromStand }),
            ...(toStand && { toStand }),
            ...(props.along && { along: props.along }),
          }}
        />
      )}
    </section>
  );
}

function Shown({ request, to }: { request: ChangeOverRequest; to: string }) {
  const change = useReading(useChangeOver(request));
  return (
    <Loading of={change}>
      {(c) => (
        <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_30rem]">
          <ChangeOverDrawing change={c} />
          <Steps change={c} from={request.from.course.name} to={to} />
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

function sentence(s: Move, text: (metres: number) => string) {
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
      <span className="figures">{text(s.carriedMetres)}</span> away.
    </>
  );
}
