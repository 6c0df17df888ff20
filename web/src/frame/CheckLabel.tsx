import { Link } from 'react-router';
import { LABEL } from './Tools';
import { todayIso, useDay, useDayLink, useRangeCheck } from '../features/day';

/** Stands on every stop while the day's safety check is open; gone once it is done, or knowingly passed over. */
export function CheckLabel() {
  const read = useDay();
  const link = useDayLink();
  const day = read.state === 'ready' ? read.value.day : undefined;
  const due = day !== undefined && day.riders.length > 0 && day.date === todayIso(new Date());
  const check = useRangeCheck(due ? day.id : undefined);
  const open = check.data?.open ?? 0;
  if (!due || open === 0) return null;
  return (
    <Link
      to={link('/lesson/check')}
      className={`${LABEL} border-ochre text-ochre no-underline hover:underline`}
    >
      <span className="max-sm:sr-only">Safety check: </span>
      <span className="figures">{open}</span> open
    </Link>
  );
}
