import { CourseDrawing, useEvaluation, type CourseRequest } from '../course';
import { CautionNote } from '../../shared/ui';
import { degreesText, lengthText, usePreferences } from '../../shared/units';
import type { Sheet } from './api';
import { SquareCheck } from './SquareCheck';

const SORTS: Record<Sheet['steps'][number]['cone']['sort'], string> = {
  TALL: 'tall cone',
  FLAT: 'flat marker',
};

/** The sheet: drawing, tape figures with boxes to tick, and the checks at its end. */
export function SheetView({ course, sheet }: { course: CourseRequest; sheet: Sheet }) {
  const { system } = usePreferences();
  const { answered } = useEvaluation({ course, level: 'DEVELOPING', settled: true });
  const text = (metres: number) => lengthText(metres, system);
  return (
    <div className="grid flex-1 gap-6 lg:grid-cols-[minmax(0,1fr)_30rem] print:block">
      <div className="flex flex-col gap-4">
        <CourseDrawing
          plan={answered?.evaluation.plan}
          course={course}
          labels
          className="min-h-96 flex-1 print:h-96"
        />
        <CautionNote>
          Sweep the ground first: sand, leaves, wet paint, drain covers. Close it to traffic, keep onlookers
          back, one machine moving at a time. Flat markers before tall cones.
        </CautionNote>
      </div>
      <div className="grid content-start gap-5 print:mt-4">
        <Tape sheet={sheet} />
        <section>
          <h2 className="mb-1">Check it</h2>
          <p>
            {sheet.checks.map((c, i) => (
              <span key={`${c.from}${c.to}`}>
                {i > 0 && ', '}
                {c.from} to {c.to} is <span className="figures font-semibold">{text(c.metres)}</span>
              </span>
            ))}
            .
            {sheet.slack && (
              <>
                {' '}
                One of them out by {text(0.05)} means a corner {degreesText(sheet.slack.skewRadians)} off
                square and the far line {text(sheet.slack.shiftMetres)} pushed sideways.
              </>
            )}
          </p>
          {sheet.slack && <SquareCheck course={course} />}
        </section>
      </div>
    </div>
  );
}

function Tape({ sheet }: { sheet: Sheet }) {
  const { system } = usePreferences();
  const text = (metres: number) => lengthText(metres, system);
  return (
    <section>
      <p className="mb-2">
        Lay the tape along the run from the datum, the corner from which no figure is negative. <b>Along</b>{' '}
        runs on that tape, <b>across</b> goes square to it. Cones of a line stand outside their mark, their
        base touching it. Rounded to {system === 'METRIC' ? '1 cm' : '½ in'}.
      </p>
      <table className="table-plain">
        <caption className="sr-only">Tape figures</caption>
        <thead>
          <tr>
            <th>Cone</th>
            <th>What</th>
            <th className="text-right!">Along</th>
            <th className="text-right!">Across</th>
            <th className="text-right!">Done</th>
          </tr>
        </thead>
        <tbody>
          {sheet.steps.map((s) => (
            <tr key={s.cone.label}>
              <td className="font-semibold">{s.cone.label}</td>
              <td>
                {SORTS[s.cone.sort]}
                {s.cone.role !== 'EDGE' && <span className="text-soft">, {s.cone.role.toLowerCase()}</span>}
              </td>
              <td className="figures text-right whitespace-nowrap">{text(s.alongMetres)}</td>
              <td className="figures text-right whitespace-nowrap">{text(s.acrossMetres)}</td>
              <td className="text-right">
                <input
                  type="checkbox"
                  aria-label={`${s.cone.label} stands`}
                  className="size-5 align-middle"
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2">
        To bring: <span className="figures">{sheet.conesBySort.TALL ?? 0}</span> tall cones and{' '}
        <span className="figures">{sheet.conesBySort.FLAT ?? 0}</span> flat markers.
      </p>
    </section>
  );
}
