import { Link, useNavigate, useParams } from 'react-router';
import { useDayLink } from '../day';
import { chosen, JUST_SAVED, useAddress, useJustSaved } from '../../shared/address';
import { together, useReading } from '../../shared/http';
import { Loading, NamedList, NotHere } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import { useMachineClasses, useMachines, type Machine, type MachineClass } from './api';
import { MachineForm } from './MachineForm';
import { GroupTabs } from './GroupTabs';

/** The machines: what is measured, and the turn each can do. */
export default function MachinesPage() {
  const all = together(useReading(useMachines()), useReading(useMachineClasses()));
  return (
    <Loading of={all}>{([machines, classes]) => <Shown machines={machines} classes={classes} />}</Loading>
  );
}

function Shown({ machines, classes }: { machines: Machine[]; classes: MachineClass[] }) {
  const { id } = useParams();
  const navigate = useNavigate();
  const link = useDayLink();
  const justSaved = useJustSaved();
  const { system } = usePreferences();
  const [search] = useAddress();
  const like = machines.find((m) => String(m.id) === search.get('like'));
  const { one: shown, missing } = chosen(machines, id);
  if (missing) {
    return (
      <NotHere what="machine">
        <Link to={link('/machines')}>All machines.</Link>
      </NotHere>
    );
  }
  return (
    <div className="flex flex-1 flex-col">
      <GroupTabs here="machines" />
      <div className="grid flex-1 grid-cols-1 gap-6 px-6 py-4 lg:grid-cols-[19rem_minmax(0,1fr)]">
        <NamedList
          what="machine"
          all={machines}
          shown={shown?.id}
          to={(to) => link(`/machines/${to}`)}
          detail={({ turn }) => (
            <span className="figures">
              {lengthText(turn.limitLeftMetres, system)} left · {lengthText(turn.limitRightMetres, system)}{' '}
              right
            </span>
          )}
        >
          No machine yet. Choose a class beside this to start from its typical figures.
        </NamedList>
        <MachineForm
          key={shown?.id ?? `new/${like?.id ?? ''}`}
          machine={shown}
          like={like}
          classes={classes}
          justSaved={justSaved}
          onSaved={(saved) => void navigate(link(`/machines/${saved.id}`), { state: JUST_SAVED })}
          onDeleted={() => void navigate(link('/machines'))}
          onCopy={() => shown && void navigate(link(`/machines/new?like=${shown.id}`))}
        />
      </div>
    </div>
  );
}
