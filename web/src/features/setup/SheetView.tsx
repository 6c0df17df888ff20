import { useState, type ReactNode } from 'react';
import { CourseDrawing } from '../course';
import type { Day } from '../day';
import { Afterwards, Button, CautionNote, Toggle } from '../../shared/ui';
import { degreesText, lengthText, usePreferences } from '../../shared/units';
import { Accuracy } from './Accuracy';
import type { ChalkedMark, LaidCourse, Setup } from './api';
import { Chalk } from './Chalk';
import { methodsOf, type Method } from './model';
import { OneCone } from './OneCone';
import { SquareCheck } from './SquareCheck';
import { Tape } from './Tape';
import { useTicks } from './useTicks';
import type { Who } from './useWho';

/** The sheet: drawing, tape figures with boxes to tick, and the checks at its end; or one cone at a time. */
export function SheetView(props: {
  /** The course as it is stored, with the sizes it is set up at. */
  of: { courseId: number; laid: LaidCourse };
  setup: Setup;
  day: Day | undefined;
  who: Who;
  /** What somebody rides it by. */
  chalked: ChalkedMark[];
  /** What else a cone is where it stands, by its label. */
  also: Map<string, string>;
  /** Whether one cone is shown at a time. */
  oneByOne: { on: boolean; onChange: (on: boolean) => void };
  /** Which settings stand; it comes late, so it stands below. */
  stands: ReactNode;
}) {
  const { setup, of, oneByOne } = props;
  const { course } = of.laid;
  const [asked, setMethod] = useState<Method>('ALONG_AND_ACROSS');
  const [order, setOrder] = useState<'LISTED' | 'WALKED'>('LISTED');
  const ticks = useTicks(props.day?.id, of.courseId);
  const methods = methodsOf(setup);
  const method = methods.some((m) => m.value === asked) ? asked : 'ALONG_AND_ACROSS';
  const choices = (
    <div className="no-print mb-3 flex flex-wrap gap-4">
      <Toggle label="Method" value={method} options={methods} onChoose={setMethod} />
      <Toggle
        label="Order"
        value={order}
        options={[
          { value: 'LISTED', label: 'As lettered' },
          { value: 'WALKED', label: 'Least walking' },
        ]}
        onChoose={setOrder}
      />
    </div>
  );
  if (oneByOne.on) {
    return (
      <OneCone
        key={`${method}/${order}`}
        course={course}
        setup={setup}
        method={method}
        order={order}
        also={props.also}
        ticks={ticks}
        onClose={() => oneByOne.onChange(false)}
      />
    );
  }
  return (
    <div className="grid flex-1 grid-cols-1 content-start gap-6 lg:grid-cols-[minmax(0,1fr)_32rem] lg:grid-rows-[auto_1fr] print:block">
      <div className="flex flex-col gap-4">
        <CourseDrawing
          plan={setup.plan}
          course={course}
          look={{ labels: true }}
          marks={{
            chalked: [
              ...marksOf(setup, method),
              ...props.chalked.map(({ mark }) => ({ label: mark.label, ...mark.at, besides: true })),
            ],
          }}
          className="h-96 lg:h-[clamp(24rem,60vh,36rem)] print:h-96"
        />
        <CautionNote>
          Sweep the ground first: sand, leaves, wet paint, drain covers. Close it to traffic, keep onlookers
          back, one machine moving at a time. Flat markers before tall cones.
        </CautionNote>
      </div>
      <div className="grid content-start gap-5 lg:row-span-2 print:mt-4">
        <Afterwards>
          <div>
            {choices}
            <Button className="no-print mb-3 w-full py-2.5" onClick={() => oneByOne.onChange(true)}>
              One cone at a time
            </Button>
            <Tape setup={setup} method={method} order={order} also={props.also} ticks={ticks} />
          </div>
        </Afterwards>
        <Afterwards turn={2}>
          <Chalk marks={props.chalked} whose={props.who.name} />
          <Checks laid={of.laid} sheet={setup.sheet} />
        </Afterwards>
      </div>
      <div className="grid content-start gap-4">
        <Afterwards turn={2}>
          <Accuracy course={course} day={props.day} who={props.who} />
          {props.stands}
        </Afterwards>
      </div>
    </div>
  );
}

function Checks({ laid, sheet }: { laid: LaidCourse; sheet: Setup['sheet'] }) {
  const { system } = usePreferences();
  const text = (metres: number) => lengthText(metres, system);
  return (
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
            One of them out by {text(0.05)} means a corner {degreesText(sheet.slack.skewRadians)} off square
            and the far line {text(sheet.slack.shiftMetres)} pushed sideways.
          </>
        )}
      </p>
      {sheet.slack && <SquareCheck laid={laid} checks={sheet.checks} />}
    </section>
  );
}

/** What is chalked for a method, where the core has it; the datum only where it is not the course's own corner. */
function marksOf(setup: Setup, method: Method) {
  return setup.marks
    .filter((m) => m.use === 'DATUM' || m.use === method)
    .map((m) => ({ label: m.label, x: m.at.x, y: m.at.y }));
}
