import { Link } from 'react-router';
import { useDayLink } from '../day';
import { lengthText, usePreferences } from '../../shared/units';
import type { Machine } from './api';

/** Every machine with its smallest U-turn to either side. */
export function MachineList({ machines, shown }: { machines: Machine[]; shown: number | undefined }) {
  const { system } = usePreferences();
  const link = useDayLink();
  return (
    <div>
      {machines.length === 0 && (
        <p className="mb-3">No machine yet. Choose a class beside this to start from its typical figures.</p>
      )}
      <ul>
        {machines.map((m) => (
          <li key={m.id}>
            <Link
              to={link(`/machines/${m.id}`)}
              aria-current={m.id === shown ? 'true' : undefined}
              className={`block border-b border-rule px-2 py-2 text-ink no-underline ${m.id === shown ? 'bg-panel border-l-4 border-l-cone' : 'hover:bg-panel'}`}
            >
              <span className="font-semibold">{m.name}</span>
              <span className="figures block text-[0.87rem] text-soft">
                {lengthText(m.turn.limitLeftMetres, system)} left ·{' '}
                {lengthText(m.turn.limitRightMetres, system)} right
              </span>
            </Link>
          </li>
        ))}
      </ul>
      <Link to={link('/machines/new')} className="mt-3 inline-block">
        New machine
      </Link>
    </div>
  );
}
