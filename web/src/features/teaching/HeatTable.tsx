import { useState } from 'react';
import type { Machine } from '../machine';
import { useReading } from '../../shared/http';
import { Loading, Select } from '../../shared/ui';
import { decimals, speedText, usePreferences } from '../../shared/units';
import { useHeat, type Heat } from './api';

/** How warm each method makes one machine's clutch, against a slow ride on the clutch alone. */
export function HeatTable({ machines }: { machines: Machine[] }) {
  const [chosen, setChosen] = useState(machines[0]?.id ?? 0);
  const heat = useReading(useHeat(chosen));
  return (
    <section aria-label="Clutch heat">
      <h2 className="mb-1">Clutch heat, an estimate</h2>
      <p className="mb-2 text-soft">
        Beside a slow ride on the clutch alone, which is {decimals(1, 1)}. It compares methods on one machine
        and promises no minutes: lost free play, smell or a fading brake end a timed ride at once.
      </p>
      <div className="mb-2 max-w-xs">
        <Select
          label="Machine"
          value={String(chosen)}
          options={machines.map((m) => ({ value: String(m.id), label: m.name }))}
          onChoose={(v) => setChosen(Number(v))}
        />
      </div>
      <Loading of={heat}>{(schools) => <Table schools={schools} />}</Loading>
    </section>
  );
}

/** The speeds the core compares at, in m/s. */
const SLOW = 6 / 3.6;
const TURN = 10 / 3.6;

function Table({ schools }: { schools: Heat[] }) {
  const { speed } = usePreferences();
  if (schools.length === 0) return <p>This machine has no hand clutch to slip.</p>;
  const most = Math.max(...schools.map((s) => s.slowLane));
  return (
    <table className="table-plain">
      <thead>
        <tr>
          <th scope="col">Method</th>
          <th scope="col" className="text-right!">
            Slow lane, {speedText(SLOW, speed)}
          </th>
          <th scope="col" className="text-right!">
            Turn, {speedText(TURN, speed)}
          </th>
        </tr>
      </thead>
      <tbody>
        {schools.map((s) => (
          <tr key={s.school}>
            <td>
              {s.label}
              <span
                className="mt-1 block h-1.5 bg-ochre"
                style={{ width: `${(100 * s.slowLane) / most}%` }}
              />
            </td>
            <td className="figures text-right">{decimals(s.slowLane, 1)}</td>
            <td className="figures text-right">{decimals(s.turning, 1)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
