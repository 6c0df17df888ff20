import { Link } from 'react-router';
import { useDayLink } from '../day';

/** Not built yet: says what will be here. */
export default function LessonPage() {
  const link = useDayLink();
  return (
    <div className="m-6 max-w-2xl">
      <h1 className="mb-3">Lesson</h1>
      <p className="mb-3">
        The running order of the day will stand here: drills that build on one another, with times, rests and
        cautions, for the school each rider is taught in. It is not built yet.
      </p>
      <p>
        Until then, log runs on <Link to={link('/range')}>Range</Link>: its advice says when to tighten, hold,
        widen or change side.
      </p>
    </div>
  );
}
