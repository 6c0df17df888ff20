import { useState } from 'react';
import { pairsOf, requestOf, sizeText, useLadder, type Course } from '../course';
import type { Day } from '../day';
import { useMachines } from '../machine';
import { abilityOf, useRiders } from '../rider';
import { saidAt } from '../sizes';
import { useReading } from '../../shared/http';
import { conesText, Loading, Select, TextField } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import { useChangeover, type Changeover, type ChangeoverRequest, type SetupRequest } from './api';
import { ChangeoverDrawing } from './ChangeoverDrawing';
import { atStackText, inAll, keyOf, toDo, type Move } from './moves';
import { changeOf } from './requests';
import { useStack } from './useStack';

const SIZE = 'size:';

/** From this course to another, or to another size of it: what stays, what moves where, what comes and goes. */
export function ChangeoverView(props: {
  course: Course;
  others: Course[];
  day: Day | undefined;
  along: SetupRequest['along'];
  to: string;
  onTo: (to: string) => void;
}) {
  const { course, day, to } = props;
  const { system } = usePreferences();
  const stack = useStack();
  const [typed, setTyped] = useState(String(stack.holds));
  const machines = useMachines().data ?? [];
  const riders = useRiders().data ?? [];
  const pair = pairsOf(day, machines, riders)[0];
  const from = requestOf(course);
  const ladder = useLadder(
    pair && {
      course: from,
      machineId: pair.machine.id,
      ...abilityOf(pair.rider),
      settled: true,
    },
  ).data;
  const other = props.others.find((c) => String(c.id) === to);
  const target = other
    ? { course: other, activeSizes: saidAt(day, other.id) }
    : to.startsWith(SIZE)
      ? { course, activeSizes: [Number(to.slice(SIZE.length))] }
      : undefined;
  const sizes = (ladder?.sizes ?? []).map((r) => ({
    value: `${SIZE}${r.settingMetres}`,
    label: `the same at ${sizeText(r, system)}`,
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
            ...sizes,
          ]}
          onChoose={props.onTo}
        />
        <div className="w-36">
          <TextField
            label="Cones in hand at most"
            type="number"
            min={1}
            max={60}
            value={typed}
            onChange={(e) => {
              setTyped(e.target.value);
              if (e.target.value !== '') stack.say(Number(e.target.value));
            }}
            onBlur={() => setTyped(String(stack.holds))}
          />
        </div>
      </div>
      {target && (
        <Shown
          to={other?.name ?? sizes.find((r) => r.value === to)?.label ?? 'the other size'}
          request={changeOf(course, target, day, { system, along: props.along }, stack.holds)}
        />
      )}
    </section>
  );
}

function Shown({ request, to }: { request: ChangeoverRequest; to: string }) {
  const change = useReading(useChangeover(request));
  return (
    <Loading of={change}>
      {(c) => (
        <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_30rem]">
          <div className="lg:sticky lg:top-4 lg:self-start">
            <ChangeoverDrawing change={c} />
          </div>
          <Steps change={c} from={request.from.course.name} to={to} />
        </div>
      )}
    </Loading>
  );
}

function Steps({ change, from, to }: { change: Changeover; from: string; to: string }) {
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
        From {from} to {to}, both from the same datum and baseline; spare cones are stacked at the datum. One
        walk with a stack in hand.{' '}
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
        {done.map((s, i) => (
          <li key={keyOf(s, i)}>
            <span className="flex justify-between gap-x-4">
              <span className="min-w-0">{sentence(s, text)}</span>
              <span className="text-sm whitespace-nowrap text-soft" title={conesText(s.inHand)}>
                <span className="figures">{inAll(s.inHand)}</span> in hand
              </span>
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}

function sentence(s: Move, text: (metres: number) => string) {
  const what = s.marker?.name;
  switch (s.doing) {
    case 'AT_STACK':
      return <b>At the datum, {atStackText(s.change)}.</b>;
    case 'PICK_UP':
      return (
        <>
          Pick up {what} <b>{s.fromLabel}</b>.
        </>
      );
    default:
      return (
        <>
          Lay a {what} down as <b>{s.toLabel}</b>:{' '}
          <span className="figures whitespace-nowrap">
            {text(s.place.x)} along, {text(s.place.y)} across
          </span>
          .
        </>
      );
  }
}
