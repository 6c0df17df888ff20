import { Link } from 'react-router';
import { useDayLink } from '../day';

/** Not built yet: says what will be here. */
export function RunningOrder() {
  const link = useDayLink();
  return (
    <div className="m-6 max-w-2xl">
      <p className="mb-3">
        The running order of the day will stand here. It is not built yet; the{' '}
        <Link to={link('/lesson/drills')}>drills</Link> and who is ready for which are.
      </p>
      <p>
        Log runs on <Link to={link('/range')}>Range</Link>: its advice says when to tighten, hold, widen or
        change side.
      </p>
    </div>
  );
}
