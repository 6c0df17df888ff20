import { Link } from 'react-router';
import { dateText, lengthText, shortDate, usePreferences } from '../../shared/units';
import type { Programme } from './api';
import { enoughText } from './words';

/** The lessons until the day a goal is wanted by, and whether they are likely to be enough. */
export function Lessons({ by, of }: { by: string; of: Programme }) {
  const { system } = usePreferences();
  const size = (metres: number) => <span className="figures">{lengthText(metres, system)}</span>;
  const enough = enoughText(of, system);
  return (
    <div role="group" aria-label="Lessons until then" className="mt-1.5 border-t border-rule pt-1.5">
      <p>
        Wanted by {dateText(by)}. <b>{of.sentence}</b> {of.why}
      </p>
      {enough !== '' && <p>{enough}</p>}
      {of.lessons.length > 0 && (
        <ol>
          {of.lessons.map(({ on, begin, aim, drills }) => (
            <li key={on} className="border-t border-rule py-1">
              <b>{shortDate(on)}</b> begin at {size(begin.settingMetres)}, clean at {size(aim.settingMetres)}
              {drills.length > 0 && (
                <span className="block text-sm">
                  {drills.map(({ id, name }, i) => (
                    <span key={id}>
                      {i > 0 && ', '}
                      <Link to={`/lesson/drills/${id}`}>{name}</Link>
                    </span>
                  ))}
                </span>
              )}
            </li>
          ))}
        </ol>
      )}
      <p className="text-sm text-soft">An estimate from the last lessons.</p>
    </div>
  );
}
