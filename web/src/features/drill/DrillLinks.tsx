import { Link } from 'react-router';
import { useDayLink } from '../day';
import { useDrills } from './api';
import { drillName } from './model';

/** Drills by their names, each leading to its page; with a rider, to where that rider stands on it. */
export function DrillLinks({ ids, riderId }: { ids: string[]; riderId?: number }) {
  const drills = useDrills().data?.drills ?? [];
  const link = useDayLink();
  const rider = riderId === undefined ? '' : `?rider=${riderId}`;
  return ids.map((id, i) => (
    <span key={id}>
      {i > 0 && ', '}
      <Link to={link(`/lesson/drills/${id}${rider}`)}>{drillName({ drills }, id)}</Link>
    </span>
  ));
}
