import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { useDayLink } from '../day';
import { GroupTabs, useMachines, type Machine } from '../machine';
import { chosen, JUST_SAVED, useJustSaved } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Loading, NotHere, TextField } from '../../shared/ui';
import { useRiderOptions, useRiders, type Rider, type RiderOptions } from './api';
import { found } from './model';
import { Records } from './Records';
import { RiderForm } from './RiderForm';

export { useRiders, useSaveRider, type Rider } from './api';
export { NEW_RIDER } from './model';

export const LEVELS: Record<Rider['level'], string> = {
  NOVICE: 'novice',
  DEVELOPING: 'developing',
  SKILLED: 'skilled',
};

/** Lists longer than this can be searched. */
const FEW = 8;

/** The riders: level, school, usual machine, notes. */
export default function RidersPage() {
  const all = together(useReading(useRiders()), useReading(useMachines()), useReading(useRiderOptions()));
  return (
    <Loading of={all}>
      {([riders, machines, options]) => <Shown riders={riders} machines={machines} options={options} />}
    </Loading>
  );
}

function Shown({
  riders,
  machines,
  options,
}: {
  riders: Rider[];
  machines: Machine[];
  options: RiderOptions;
}) {
  const { id } = useParams();
  const navigate = useNavigate();
  const link = useDayLink();
  const justSaved = useJustSaved();
  const [typed, setTyped] = useState('');
  const { one: shown, missing } = chosen(riders, id);
  if (missing) {
    return (
      <NotHere what="rider">
        <Link to={link('/riders')}>All riders.</Link>
      </NotHere>
    );
  }
  return (
    <div className="flex flex-1 flex-col">
      <GroupTabs here="riders" />
      <div className="grid flex-1 gap-6 px-6 py-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
        <div>
          {riders.length === 0 && <p className="mb-3">No rider yet. Describe the first one beside this.</p>}
          {riders.length > FEW && (
            <TextField label="Find a rider" value={typed} onChange={(e) => setTyped(e.target.value)} />
          )}
          <ul>
            {found(riders, typed).map((r) => (
              <li key={r.id}>
                <Link
                  to={link(`/riders/${r.id}`)}
                  aria-current={r.id === shown?.id ? 'true' : undefined}
                  className={`block border-b border-rule px-2 py-2 text-ink no-underline ${r.id === shown?.id ? 'border-l-4 border-l-cone bg-panel' : 'hover:bg-panel'}`}
                >
                  <span className="font-semibold">{r.name}</span>
                  <span className="block text-[0.87rem] text-soft">
                    {LEVELS[r.level]} ·{' '}
                    {machines.find((m) => m.id === r.machineId)?.name ?? 'no machine of their own'}
                    {r.archived && ' · put away'}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
          <Link to={link('/riders/new')} className="mt-3 inline-block">
            New rider
          </Link>
        </div>
        <div>
          <RiderForm
            key={shown?.id ?? 'new'}
            rider={shown}
            machines={machines}
            options={options}
            justSaved={justSaved}
            onSaved={(saved) => void navigate(link(`/riders/${saved.id}`), { state: JUST_SAVED })}
          />
          {shown && <Records rider={shown} onDeleted={() => void navigate(link('/riders'))} />}
        </div>
      </div>
    </div>
  );
}
