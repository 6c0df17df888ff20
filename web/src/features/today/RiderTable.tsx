import { Link } from 'react-router';
import { useDayLink, type Briefing, type Day } from '../day';
import { LEVELS } from '../rider';
import { restsOn, saidAt, Setting, share } from '../sizes';
import { Term } from '../../shared/ui';
import { lengthText, difficultyText, usePreferences } from '../../shared/units';

/** Who rides what, at which size to begin. */
export function RiderTable({ day, briefing }: { day: Day; briefing: Briefing }) {
  const { system } = usePreferences();
  const link = useDayLink();
  if (briefing.riders.length === 0) {
    return <p>Nobody is on this day yet. Put riders on it below; each needs a machine.</p>;
  }
  const stands = saidAt(day, day.courseIds[0] ?? 0);
  const say = (metres: number | undefined) => (metres === undefined ? '–' : lengthText(metres, system));
  return (
    <div className="relative overflow-x-auto" tabIndex={0} role="region" aria-label="Riders of the day">
      <table className="table-plain">
        <caption className="mb-1 text-left text-lg font-semibold">Who rides what</caption>
        <thead>
          <tr>
            <th>Rider</th>
            <th>Machine</th>
            <th className="text-right!">
              <Term word="size">Start at</Term>
            </th>
            <th className="text-right!">
              <Term word="difficulty">Difficulty</Term>
            </th>
            <th className="text-right!">Rides</th>
            <th className="text-right!">Chance, %</th>
            <th className="text-right!">Clean left</th>
            <th className="text-right!">Clean right</th>
            <th>
              <span className="sr-only">Log a run</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {briefing.riders.map((r) => (
            <tr key={r.riderId}>
              <td>
                <Link to={link(`/progress/${r.riderId}`)} className="font-semibold text-ink">
                  {r.riderName}
                </Link>
                <span className="block text-sm text-soft">{LEVELS[r.level]}</span>
              </td>
              <td>{r.machineName}</td>
              <td className="figures text-right text-lg font-semibold whitespace-nowrap">
                {say(r.size?.settingMetres)}
              </td>
              <td className="figures text-right">{difficultyText(r.size?.difficulty)}</td>
              <td className="figures text-right whitespace-nowrap">
                {r.ridesMetres === undefined ? (
                  <span className="text-brick">none suits</span>
                ) : (
                  <Setting metres={r.ridesMetres} of={stands} />
                )}
              </td>
              <td className="figures text-right whitespace-nowrap">
                {r.chance === undefined ? '–' : share(r.chance.chance)}
                {r.chance && (
                  <span className="block text-xs text-soft">
                    {r.chance.runs === 0
                      ? restsOn(r.chance)
                      : `${share(r.chance.low)} to ${share(r.chance.high)}`}
                  </span>
                )}
              </td>
              <td className="figures text-right whitespace-nowrap">{say(r.left?.metres)}</td>
              <td className="figures text-right whitespace-nowrap">{say(r.right?.metres)}</td>
              <td className="text-right">
                <Link
                  to={link(`/range/${r.riderId}`)}
                  aria-label={`Log ${r.riderName}`}
                  className="thumb inline-flex min-h-7 items-center px-2"
                >
                  Log
                </Link>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-soft">
        Rides: the size of the day’s first course that suits. Chance: of a clean run there, to the weaker
        side, with the band it lies in nine times in ten. Clean: the width ridden clean four times in five.
        Both are estimates from level, other courses and the latest runs. Riders start two sizes easier than
        the weaker side’s best; without runs, the level decides.
      </p>
    </div>
  );
}
