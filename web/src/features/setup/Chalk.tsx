import { lengthText, usePreferences } from '../../shared/units';
import type { ChalkedMark } from './api';

/** What somebody rides the course by, to be chalked when the cones stand. */
export function Chalk({ marks, whose }: { marks: ChalkedMark[]; whose: string }) {
  const { system } = usePreferences();
  const text = (metres: number) => lengthText(metres, system);
  if (marks.length === 0) return null;
  return (
    <section>
      <h2 className="mb-1">Chalk to ride by</h2>
      <table className="table-plain">
        <caption className="sr-only">Marks to ride by</caption>
        <thead>
          <tr>
            <th>Mark</th>
            <th>For</th>
            <th className="text-right!">Along</th>
            <th className="text-right!">Across</th>
          </tr>
        </thead>
        <tbody>
          {marks.map(({ mark, alongMetres, acrossMetres }) => (
            <tr key={mark.label}>
              <td className="font-semibold">{mark.label}</td>
              <td className="first-letter:uppercase">{mark.what}</td>
              <td className="figures text-right whitespace-nowrap">{text(alongMetres)}</td>
              <td className="figures text-right whitespace-nowrap">{text(acrossMetres)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-sm text-soft">
        For {whose}, an estimate: where the front wheel passes. Others turn in elsewhere; move it as they
        ride.
      </p>
    </section>
  );
}
