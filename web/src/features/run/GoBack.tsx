import { Link } from 'react-router';
import { useDayLink } from '../day';
import { useDrills } from '../drill';
import type { BackTo } from './api';

/** Which drill to go back to where a step is too much, and what is likely behind it. */
export function GoBack({ back, riderId }: { back: BackTo; riderId: number }) {
  const link = useDayLink();
  const drills = useDrills().data?.drills ?? [];
  const [first] = back.drills;
  if (first === undefined) return null;
  return (
    <span className="block">
      Or back to{' '}
      <Link to={link(`/lesson/drills/${first}?rider=${riderId}`)}>
        {drills.find((d) => d.drill.id === first)?.drill.name ?? first}
      </Link>
      ; likely: {back.likely}.
    </span>
  );
}
