import { useState } from 'react';
import { CourseDrawing, type CourseRequest } from '../course';
import { Button } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import type { Setup } from './api';
import { figuresOf, orderOf, type Method } from './model';
import type { HeldTicks } from './useTicks';

/** One cone at a time in large type, for one hand and a phone in the wind. */
export function OneCone(props: {
  course: CourseRequest;
  setup: Setup;
  method: Method;
  order: 'LISTED' | 'WALKED';
  /** What else a cone is where it stands, by its label. */
  also: Map<string, string>;
  ticks: HeldTicks;
  onClose: () => void;
}) {
  const { setup, ticks } = props;
  const { system } = usePreferences();
  const all = figuresOf(setup, props.method, system);
  const steps = orderOf(setup, props.order).flatMap((i) => all[i] ?? []);
  const [at, setAt] = useState(() => firstOpen(steps, ticks.ticked));
  const step = steps[at];
  const also = step && props.also.get(step.label);
  const standing = steps.filter((s) => ticks.ticked.includes(s.label)).length;
  if (step === undefined || standing === steps.length) {
    return (
      <div className="grid max-w-xl gap-4">
        <p className="text-2xl">All {steps.length} stand. Tape the checks before anyone rides.</p>
        <ul className="text-xl">
          {setup.sheet.checks.map((c) => (
            <li key={c.from + c.to}>
              {c.from} to {c.to}: <span className="figures">{lengthText(c.metres, system)}</span>
            </li>
          ))}
        </ul>
        <div className="flex gap-3">
          <Button onClick={ticks.clear}>Begin again</Button>
          <Button onClick={props.onClose}>Back to the sheet</Button>
        </div>
      </div>
    );
  }
  return (
    <div className="mx-auto grid w-full max-w-xl gap-3">
      <p className="flex items-baseline justify-between">
        <span>
          <span className="figures">{standing}</span> of <span className="figures">{steps.length}</span> stand
        </span>
        <Button kind="quiet" onClick={props.onClose}>
          Back to the sheet
        </Button>
      </p>
      <div className="flex items-baseline gap-4" aria-live="polite">
        <span className="text-4xl leading-none font-bold">{step.label}</span>
        <span className="text-xl">
          {step.what}
          {step.role !== '' && <span className="text-soft">, {step.role}</span>}
        </span>
      </div>
      {[step.first, step.second].map((f) => (
        <div key={f.name}>
          <div className="text-soft">{f.name}</div>
          <div className="figures text-3xl leading-tight">{f.text}</div>
        </div>
      ))}
      {step.warning !== undefined && <p className="text-brick">{step.warning}</p>}
      {also !== undefined && <p className="font-semibold">Also {also}: laid once for both.</p>}
      <CourseDrawing
        plan={setup.plan}
        course={props.course}
        marks={{ lit: step.label }}
        look={{ plain: true }}
        className="h-56"
      />
      <Button
        kind="primary"
        className="py-5 text-2xl"
        onClick={() => {
          ticks.tick(step.label, true);
          setAt(firstOpen(steps, [...ticks.ticked, step.label], at));
        }}
      >
        {step.label} stands
      </Button>
      <div className="grid grid-cols-2 gap-3">
        <Button
          className="py-3 text-xl"
          disabled={at === 0}
          onClick={() => {
            const before = steps[at - 1];
            if (before) ticks.tick(before.label, false);
            setAt(at - 1);
          }}
        >
          Back
        </Button>
        <Button
          className="py-3 text-xl"
          onClick={() => setAt(firstOpen(steps, [...ticks.ticked, step.label], at))}
        >
          Later
        </Button>
      </div>
    </div>
  );
}

/** The next cone that does not stand yet, from a place on and round again. */
function firstOpen(steps: { label: string }[], ticked: string[], from = 0): number {
  const open = (i: number) => !ticked.includes(steps[i]?.label ?? '');
  for (let k = 0; k < steps.length; k++) {
    const i = (from + k) % steps.length;
    if (open(i)) return i;
  }
  return 0;
}
