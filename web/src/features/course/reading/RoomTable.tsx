import { memo } from 'react';
import { sayLength, usePreferences } from '../../../shared/units';
import type { Line } from '../api';
import { PARTS } from '../model';

/** Room at each cone and line on the line drawn; pointing at one shows it on the plan. */
export const RoomTable = memo(function RoomTable(props: {
  line: Line;
  pointed: string | undefined;
  onPoint: (name: string | undefined) => void;
}) {
  const { system } = usePreferences();
  const rooms = nearest(props.line);
  return (
    <details>
      <summary className="cursor-pointer">Room at each cone and line</summary>
      <table className="table-plain mt-2 text-sm">
        <thead>
          <tr>
            <th>At</th>
            <th>Nearest</th>
            <th className="text-right!">Room{system === 'METRIC' ? ', m' : ''}</th>
          </tr>
        </thead>
        <tbody>
          {rooms.map((r) => (
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
              <td className="figures text-right">{sayLength(r.roomMetres, system).figure}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
});

/** The least room to each thing by name, the tightest first. */
function nearest(line: Line): Line['rooms'] {
  const least = new Map<string, Line['rooms'][number]>();
  for (const r of line.rooms) {
    const before = least.get(r.name);
    if (before === undefined || r.roomMetres < before.roomMetres) least.set(r.name, r);
  }
  return [...least.values()].sort((a, b) => a.roomMetres - b.roomMetres);
}
