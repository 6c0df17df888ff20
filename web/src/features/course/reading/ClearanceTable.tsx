import { memo } from 'react';
import { sayLength, usePreferences } from '../../../shared/units';
import type { Line } from '../api';
import { PARTS } from '../model';

/** Room at each cone and line on the line drawn; pointing at one shows it on the plan. */
export const ClearanceTable = memo(function ClearanceTable(props: {
  line: Line;
  pointed: string | undefined;
  onPoint: (name: string | undefined) => void;
}) {
  const { system } = usePreferences();
  const clearances = nearest(props.line);
  return (
    <details>
      <summary className="cursor-pointer">Clearance at each cone and line</summary>
      <table className="table-plain mt-2 text-sm">
        <thead>
          <tr>
            <th>At</th>
            <th>Nearest</th>
            <th className="text-right!">Clearance{system === 'METRIC' ? ', m' : ''}</th>
          </tr>
        </thead>
        <tbody>
          {clearances.map((r) => (
            <tr
              key={r.name}
              className={r.name === props.pointed ? 'bg-page' : ''}
              onPointerEnter={() => props.onPoint(r.name)}
              onPointerLeave={() => props.onPoint(undefined)}
            >
              <td>
                <button
                  type="button"
                  className="hover:underline"
                  onFocus={() => props.onPoint(r.name)}
                  onBlur={() => props.onPoint(undefined)}
                >
                  {r.name}
                </button>
              </td>
              <td>{PARTS[r.part]}</td>
              <td className="figures text-right">{sayLength(r.clearanceMetres, system).figure}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
});

/** The least room to each thing by name, the tightest first. */
function nearest(line: Line): Line['clearances'] {
  const least = new Map<string, Line['clearances'][number]>();
  for (const r of line.clearances) {
    const before = least.get(r.name);
    if (before === undefined || r.clearanceMetres < before.clearanceMetres) least.set(r.name, r);
  }
  return [...least.values()].sort((a, b) => a.clearanceMetres - b.clearanceMetres);
}
