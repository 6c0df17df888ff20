import { Link, useNavigate, useParams } from 'react-router';
import { useDayLink } from '../day';
import { GroupTabs, useMachines, type Machine } from '../machine';
import { chosen, JUST_SAVED, useJustSaved } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Loading, NamedList, NotHere } from '../../shared/ui';
import { useRiderOptions, useRiders, type Rider, type RiderOptions } from './api';
import { Records } from './Records';
import { LEVELS } from './model';
import { RiderForm } from './RiderForm';

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
      <div className="grid flex-1 grid-cols-1 gap-6 px-6 py-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
        <NamedList
          what="rider"
          all={riders}
          shown={shown?.id}
          to={(to) => link(`/riders/${to}`)}
          last={(r) => r.archived}
          detail={(r) => (
            <>
              {LEVELS[r.level]} ·{' '}
              {machines.find((m) => m.id === r.machineId)?.name ?? 'no machine of their own'}
              {r.archived && ' · archived'}
            </>
          )}
        >
          No rider yet. Describe the first one beside this.
        </NamedList>
        <div>
          <RiderForm
            key={shown?.id ?? 'new'}
            rider={shown}
            machines={machines}
            options={options}
            justSaved={justSaved}
            onSaved={(saved) => void navigate(link(`/riders/${saved.id}`), { state: JUST_SAVED })}
          />
          {shown && (
            <Records
              rider={shown}
              onDeleted={() => void navigate(link('/riders'))}
              onBack={(stored) => void navigate(link(`/riders/${stored.id}`), { state: JUST_SAVED })}
            />
          )}
        </div>
      </div>
    </div>
  );
}
