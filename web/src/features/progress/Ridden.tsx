import { Link } from 'react-router';
import { useDayLink } from '../day';
import type { Rider } from '../rider';
import { useReading } from '../../shared/http';
import { Loading } from '../../shared/ui';
import { dateText } from '../../shared/units';
import { useRidden } from './api';
import { hoursText } from './words';

/** What a rider has ridden in all lessons, on which machine, and what is noted of them. */
export function Ridden({ rider }: { rider: Rider }) {
  const link = useDayLink();
  return (
    <details>
      <summary className="cursor-pointer text-steel">Machines ridden, hours and notes</summary>
      <div className="mt-2 grid gap-3">
        <Loading of={useReading(useRidden(rider.id))}>
          {(machines) =>
            machines.length === 0 ? (
              <p>Nothing was logged yet.</p>
            ) : (
              <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Machines ridden">
                <table className="table-plain">
                  <thead>
                    <tr>
                      <th scope="col">Machine</th>
                      <th scope="col" className="text-right!">
                        Lessons
                      </th>
                      <th scope="col" className="text-right!">
                        Hours
                      </th>
                      <th scope="col" className="text-right!">
                        Runs clean
                      </th>
                      <th scope="col" className="pl-3!">
                        Last
                      </th>
                    </tr>
                  </thead>
                  <tbody>
                    {machines.map((m) => (
                      <tr key={m.machineName}>
                        <td>{m.machineName}</td>
                        <td className="figures text-right">{m.days}</td>
                        <td className="figures text-right">{hoursText(m.minutes)}</td>
                        <td className="figures text-right whitespace-nowrap">
                          {m.clean} of {m.runs}
                        </td>
                        <td className="pl-3! whitespace-nowrap">{dateText(m.lastOn)}</td>
                      </tr>
                    ))}
                  </tbody>
                </table>
                <p className="mt-1 text-sm text-soft">Hours from each day’s first run to its last.</p>
              </div>
            )
          }
        </Loading>
        <p className="wrap-anywhere whitespace-pre-line">
          <b>Notes:</b> {rider.notes === '' ? 'none' : rider.notes}{' '}
          <Link to={link(`/riders/${rider.id}`)}>Change</Link>
        </p>
        <p>
          <Link to={link(`/lesson/drills?rider=${rider.id}`)}>Standing on the drills</Link>
        </p>
      </div>
    </details>
  );
}
