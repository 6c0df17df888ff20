import { Link } from 'react-router';
import { useDay, useDayLink } from '../day';
import { Downloads, Loading } from '../../shared/ui';
import { BringRuns } from './BringRuns';

/** Runs as files: taken away, and brought in from a table somebody else wrote. */
export default function RunFilesPage() {
  const link = useDayLink();
  return (
    <Loading of={useDay()}>
      {({ day }) => (
        <div className="mx-auto flex w-full max-w-4xl flex-col gap-6 px-6 py-4 max-sm:px-3">
          <div className="flex flex-wrap items-end justify-between gap-3">
            <h1>Runs as files</h1>
            <Link to={link('/range/log')}>Runs of the day</Link>
          </div>
          <section aria-label="Export runs">
            <h2>Export</h2>
            {day && (
              <Downloads
                files={[
                  { label: `${day.title}, CSV`, path: `/api/runs.csv?dayId=${day.id}` },
                  { label: 'JSON', path: `/api/runs.json?dayId=${day.id}` },
                ]}
              />
            )}
            <Downloads
              files={[
                { label: 'All runs, CSV', path: '/api/runs.csv' },
                { label: 'JSON', path: '/api/runs.json' },
              ]}
            />
            <p className="text-sm text-soft">Those of one rider are among their records, under Riders.</p>
          </section>
          <BringRuns />
        </div>
      )}
    </Loading>
  );
}
