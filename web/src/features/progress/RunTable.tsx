import { sideWord } from '../../shared/ui';
import {
  dateText,
  lengthText,
  secondsText,
  speedText,
  difficultyText,
  usePreferences,
} from '../../shared/units';
import { entryText } from '../run';
import type { Progress } from './api';

/** Every run in words, for screen readers and for copying. */
export function RunTable({ progress }: { progress: Progress }) {
  const { system, speed } = usePreferences();
  return (
    <details open={progress.straight}>
      <summary className="cursor-pointer text-steel">Every run as a table</summary>
      <table className="table-plain mt-2">
        <thead>
          <tr>
            <th>Day</th>
            <th>Course</th>
            {!progress.straight && <th>Side</th>}
            <th className="text-right!">{progress.settingLabel}</th>
            {!progress.straight && <th className="text-right!">Difficulty</th>}
            <th>Outcome</th>
          </tr>
        </thead>
        <tbody>
          {progress.days.flatMap((d) =>
            d.runs.map((r) => (
              <tr key={r.id}>
                <td className="sm:whitespace-nowrap">{dateText(d.date)}</td>
                <td>{r.courseName}</td>
                {!progress.straight && <td>{r.side !== undefined && sideWord(r.side)}</td>}
                <td className="figures text-right whitespace-nowrap">
                  {lengthText(r.settingMetres, system)}
                </td>
                {!progress.straight && <td className="figures text-right">{difficultyText(r.difficulty)}</td>}
                <td>
                  {entryText(r)}
                  {r.seconds !== undefined && `, ${secondsText(r.seconds)}`}
                  {r.speedMetresPerSecond !== undefined && `, ${speedText(r.speedMetresPerSecond, speed)}`}
                  {r.note !== undefined && <span className="block text-soft">{r.note}</span>}
                  {r.simulated && <span className="text-soft"> (simulated)</span>}
                </td>
              </tr>
            )),
          )}
        </tbody>
      </table>
    </details>
  );
}
