import { useState } from 'react';
import { CourseDrawing, useEvaluation, type CourseRequest } from '../course';
import { CautionNote } from '../../shared/ui';
import { degreesText, lengthText, usePreferences } from '../../shared/units';
import type { SetOut } from './api';
import { SquareCheck } from './SquareCheck';
import { Tape, type Method } from './Tape';

/** The sheet: drawing, tape figures with boxes to tick, and the checks at its end. */
export function SheetView({ course, setOut }: { course: CourseRequest; setOut: SetOut }) {
  const { sheet } = setOut;
  const [method, setMethod] = useState<Method>('ALONG_AND_ACROSS');
  const { system } = usePreferences();
  const { answered } = useEvaluation({ course, level: 'DEVELOPING', settled: true });
  const text = (metres: number) => lengthText(metres, system);
  return (
    <div className="grid flex-1 gap-6 lg:grid-cols-[minmax(0,1fr)_30rem] print:block">
      <div className="flex flex-col gap-4">
        <CourseDrawing
          plan={answered?.answer.plan}
          course={course}
          labels
          chalked={method === 'TWO_TAPES' ? marksOf(setOut, course) : []}
          className="min-h-96 flex-1 print:h-96"
        />
        <CautionNote>
          Sweep the ground first: sand, leaves, wet paint, drain covers. Close it to traffic, keep onlookers
          back, one machine moving at a time. Flat markers before tall cones.
        </CautionNote>
      </div>
      <div className="grid content-start gap-5 print:mt-4">
        <Tape setOut={setOut} method={method} onMethod={setMethod} />
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

/** The chalk marks of both tapes in the course's own axes, where across is to the side of the first turn. */
function marksOf({ sheet, tapes }: SetOut, course: CourseRequest) {
  const side = course.firstTurn === 'LEFT' ? 1 : -1;
  return [
    { label: 'P', at: tapes.first },
    { label: 'Q', at: tapes.second },
  ].map(({ label, at }) => ({ label, x: sheet.datum.x + at.x, y: sheet.datum.y + side * at.y }));
}
