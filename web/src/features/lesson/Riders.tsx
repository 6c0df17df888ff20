import { Link } from 'react-router';
import { useDayLink } from '../day';
import { useRiders } from '../rider';
import { Button } from '../../shared/ui';
import type { LessonEdit } from './useLessonEdit';

/** Who takes part, what they can do while others ride, and who is not there. */
export function Riders({ edit }: { edit: LessonEdit }) {
  const { lesson } = edit;
  const link = useDayLink();
  const all = useRiders();
  const { absent } = lesson.settings;
  return (
    <section aria-label="Riders">
      <h2 className="mb-1">Riders</h2>
      <ul>
        {lesson.riders.map((r) => (
          <li key={r.id} className="flex items-start justify-between gap-2 border-b border-rule py-1">
            <span className="min-w-0">
              {r.name} <span className="figures text-soft">{r.runs} runs</span>
              {r.meanwhile && (
                <span className="block text-sm leading-tight text-soft">
                  While others ride:{' '}
                  <Link to={link(`/lesson/drills/${r.meanwhile.drillId}?rider=${r.id}`)}>
                    {r.meanwhile.drillName}
                  </Link>
                </span>
              )}
            </span>
            <Button
              className="shrink-0 text-sm"
              disabled={edit.busy}
              aria-label={`Not here: ${r.name}`}
              onClick={() => edit.change({ absent: [...absent, r.id] })}
            >
              Not here
            </Button>
          </li>
        ))}
        {absent.map((id) => (
          <li
            key={id}
            className="flex items-center justify-between gap-2 border-b border-rule py-1 text-soft"
          >
            <s>{all.data?.find((r) => r.id === id)?.name ?? `Rider ${id}`}</s>
            <Button
              className="shrink-0 text-sm"
              disabled={edit.busy}
              aria-label={`Here after all: ${all.data?.find((r) => r.id === id)?.name ?? id}`}
              onClick={() => edit.change({ absent: absent.filter((other) => other !== id) })}
            >
              Here after all
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
