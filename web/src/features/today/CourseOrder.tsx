import { shifted } from '../day';
import type { Course } from '../course';
import { Button } from '../../shared/ui';

/** The courses of a day in the order they are set up, which can be changed by hand. */
export function CourseOrder(props: { courses: Course[]; onOrder: (ids: number[]) => void }) {
  const { courses } = props;
  if (courses.length < 2) return null;
  const move = (at: number, by: -1 | 1) =>
    props.onOrder(
      shifted(
        courses.map((c) => c.id),
        at,
        by,
      ),
    );
  return (
    <div className="mt-3">
      <h3 className="mb-1 text-sm text-soft">In the order they are set up</h3>
      <ol className="grid max-w-120 gap-1">
        {courses.map((c, at) => (
          <li key={c.id} className="flex items-center gap-2 border-b border-rule pb-1">
            <span className="figures w-6 text-right text-soft">{at + 1}</span>
            <span className="min-w-0 flex-1 wrap-anywhere">{c.name}</span>
            <Button aria-label={`${c.name} earlier`} disabled={at === 0} onClick={() => move(at, -1)}>
              ↑
            </Button>
            <Button
              aria-label={`${c.name} later`}
              disabled={at === courses.length - 1}
              onClick={() => move(at, 1)}
            >
              ↓
            </Button>
          </li>
        ))}
      </ol>
    </div>
  );
}
