import { abilityOf } from '../rider';
import { useState } from 'react';
import type { CourseRequest, Pair } from '../course';
import type { Day } from '../day';
import { CalculationNote } from '../../shared/ui';
import { lengthText, sayLength, usePreferences } from '../../shared/units';
import { useAccuracy, type SetupAccuracy } from './api';
import type { Who } from './useWho';

const METHODS = [
  { value: 'TAPE', label: 'tape' },
  { value: 'BAYS', label: 'bays' },
  { value: 'PACES', label: 'paces' },
] as const;

/** What the way of measuring does to the room, size by size, and how far out the checks may be; computed when it is opened. */
export function Accuracy(props: { course: CourseRequest; day: Day | undefined; who: Who }) {
  const { pair, name } = props.who;
  const [open, setOpen] = useState(false);
  if (pair === undefined) return null;
  return (
    <details
      aria-label="How good must it be"
      className={open ? '' : 'print:hidden'}
      onToggle={(e) => setOpen(e.currentTarget.open)}
    >
      <summary className="max-sm:py-3">How good must it be for {name}?</summary>
      {open && <Opened {...props} pair={pair} />}
    </details>
  );
}

function Opened(props: { course: CourseRequest; day: Day | undefined; pair: Pair }) {
  const { pair } = props;
  const answer = useAccuracy({
    course: props.course,
    machineId: pair.machine.id,
    ...abilityOf(pair.rider),
    ...(props.day?.yardId !== undefined && { yardId: props.day.yardId }),
    settled: true,
  });
  return (
    <div className="mt-2">
      {answer.data && <Said accuracy={answer.data.accuracy} />}
      <CalculationNote of={answer} what="the clearance at each size" />
    </div>
  );
}

function Said({ accuracy }: { accuracy: SetupAccuracy }) {
  const { system } = usePreferences();
  const text = (metres: number) => lengthText(metres, system);
  const good = METHODS.flatMap((m) => {
    const to = accuracy.goodTo[m.value];
    return to === undefined ? [] : [`${m.label} down to ${text(to)}`];
  });
  const figure = (metres: number) => sayLength(metres, system).figure;
  return (
    <>
      <p className="mb-2">
        {good.length === 0
          ? 'At no size is there clearance enough for an error of measuring.'
          : `Good enough: ${good.join(', ')}.`}
      </p>
      <table className="table-plain">
        <caption className="sr-only">Clearance and its error at each size</caption>
        <thead>
          <tr>
            <th className="text-right!">Setting</th>
            <th className="text-right!">Clearance</th>
            {METHODS.map((m) => (
              <th key={m.value} className="text-right!">
                ± {m.label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {[accuracy.here, ...accuracy.sizes].map((r, i) => (
            <tr key={i} className={i === 0 ? 'bg-panel font-semibold' : ''}>
              <td className="figures text-right">
                {figure(r.settingMetres)}
                {i === 0 && <span className="font-sans text-sm"> as set</span>}
              </td>
              <td className="figures text-right">
                {r.capped ? '> ' : ''}
                {figure(r.spareMetres)}
              </td>
              {METHODS.map((m) => {
                const error = r.errorMetres[m.value] ?? 0;
                const enough = r.goodBy.includes(m.value);
                return (
                  <td key={m.value} className={`figures text-right ${enough ? '' : 'text-brick'}`}>
                    {r.capped ? '–' : `${figure(error)}${enough ? '' : ' !'}`}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-soft">
        {system === 'METRIC' ? 'In metres. ' : ''}Estimates, one standard deviation; “!” where twice that is
        more than the clearance.
      </p>
      {accuracy.shareToSpare > 0 && (
        <p className="mt-2">
          As set, the clearance is gone where everything comes out short:{' '}
          {accuracy.checks.map((c) => `${c.from} to ${c.to} by ${text(c.shortMetres)}`).join(', ')}.
        </p>
      )}
    </>
  );
}
