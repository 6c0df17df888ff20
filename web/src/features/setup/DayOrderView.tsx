import { useState } from 'react';
import { requestOf, type Course } from '../course';
import { changed, useSaveDay, type Day } from '../day';
import { saidAt } from '../sizes';
import { Button, useSay } from '../../shared/ui';
import { lengthText, usePreferences } from '../../shared/units';
import { useDayOrder, type DayOrder } from './api';
import { useStack } from './useStack';

/** The order of the day's courses with the least changeover, keeping what has to come in its turn. */
export function DayOrderView({ day, courses }: { day: Day; courses: Course[] }) {
  const { system } = usePreferences();
  const { holds } = useStack();
  const [kept, setKept] = useState<number[]>([]);
  const order = useDayOrder(
    courses.map((c) => ({ course: requestOf(c), activeSizes: saidAt(day, c.id) })),
    kept,
    system,
    holds,
  ).data;
  const save = useSaveDay();
  const say = useSay();
  const name = (i: number) => courses[i]?.name ?? '';
  const asListed = order?.order.every((n, i) => n === i) ?? true;
  return (
    <section aria-label="Order of the day" className="mt-6 border-t border-ink/15 pt-4 print:hidden">
      <h2 className="mb-2">Order of the day</h2>
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,1fr)_30rem]">
        <fieldset>
          <legend className="mb-1">
            Courses set up one out of the other, from one datum. Tick those whose drills build on one another:
            they keep this order.
          </legend>
          {courses.map((c, i) => (
            <label key={c.id} className="thumb flex items-center gap-2">
              <input
                type="checkbox"
                checked={kept.includes(i)}
                onChange={(e) =>
                  setKept(e.target.checked ? [...kept, i].toSorted() : kept.filter((k) => k !== i))
                }
              />
              {c.name}
            </label>
          ))}
        </fieldset>
        {order && (
          <div aria-live="polite">
            <p className="mb-2">
              {asListed ? 'The order they are in is the best: ' : 'Least walking: '}
              <b>{order.order.map(name).join(', ')}</b>. About{' '}
              <span className="figures">{lengthText(order.walkedMetres, system)}</span> to walk and{' '}
              <span className="figures">{Math.round(order.minutes)}</span> min in all
              {!asListed && (
                <>
                  {' '}
                  instead of <span className="figures">
                    {lengthText(order.listedWalkedMetres, system)}
                  </span>{' '}
                  and <span className="figures">{Math.round(order.listedMinutes)}</span> min
                </>
              )}
              , an estimate.
            </p>
            <Shared order={order} name={name} />
            {!asListed && (
              <Button
                disabled={save.isPending}
                onClick={() =>
                  save.mutate(
                    {
                      stored: day,
                      day: changed(day, { courseIds: order.order.flatMap((i) => courses[i]?.id ?? []) }),
                    },
                    { onSuccess: () => say.done('The day has this order now.'), onError: say.failed },
                  )
                }
              >
                Set the day in this order
              </Button>
            )}
          </div>
        )}
      </div>
    </section>
  );
}

/** Courses that share cones in place. */
function Shared({ order, name }: { order: DayOrder; name: (i: number) => string }) {
  if (order.shared.length === 0) return <p className="mb-2">No two of them share a cone in place.</p>;
  return (
    <ul className="mb-2">
      {order.shared.map((s) => (
        <li key={`${s.first}/${s.second}`}>
          {name(s.first)} and {name(s.second)} share <span className="figures">{s.cones}</span>{' '}
          {s.cones === 1 ? 'cone' : 'cones'} in place.
        </li>
      ))}
    </ul>
  );
}
