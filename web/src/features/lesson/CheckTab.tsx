import { Link } from 'react-router';
import { useDay, useDayLink } from '../day';
import { Loading } from '../../shared/ui';
import { RangeCheck } from './RangeCheck';

/** What is seen to and said before anybody rides. */
export function CheckTab() {
  const day = useDay();
  const link = useDayLink();
  return (
    <Loading of={day}>
      {({ day: d }) => (
        <div className="max-w-7xl px-6 py-4 max-sm:px-3">
          {d === undefined ? (
            <p>
              A check is made for a day. <Link to={link('/today')}>Make the first one.</Link>
            </p>
          ) : (
            <RangeCheck key={d.id} dayId={d.id} />
          )}
        </div>
      )}
    </Loading>
  );
}
