import { useState } from 'react';
import type { Day } from '../day';
import { moved, readLength, useKnown } from '../length';
import type { Machine } from '../machine';
import type { Rider } from '../rider';
import { said } from '../../shared/http';
import { usePreferences } from '../../shared/units';
import type { Course, CourseKind, CourseRequest } from './api';
import { BoxDrawing } from './BoxDrawing';
import { CourseFields } from './CourseFields';
import { CourseHeading } from './CourseHeading';
import { same } from './model';
import { pairsOf } from './pairs';
import { Reading } from './Reading';
import { useEvaluation } from './useEvaluation';

/** The course as it is being worked on, with the core's answer beside it at every move. */
export function CourseEditor(props: {
  stored: Course | undefined;
  start: CourseRequest;
  kind: CourseKind;
  day: Day | undefined;
  courses: Course[];
  machines: Machine[];
  riders: Rider[];
  onOpen: (id: number | 'new') => void;
}) {
  const { stored, kind, day } = props;
  const [course, setCourse] = useState(props.start);
  const [chosen, setChosen] = useState<string>();
  const { system } = usePreferences();
  const known = useKnown();
  const pairs = pairsOf(day, props.machines, props.riders);
  const first = pairs.find((p) => p.key === chosen) ?? pairs[0];
  const ordered = first ? [first, ...pairs.filter((p) => p !== first)] : [];
  const { answered, problem } = useEvaluation({
    course,
    pairs: ordered.map((p) => ({ machineId: p.machine.id, level: p.rider?.level ?? 'DEVELOPING' })),
    ...(day?.yardId === undefined ? {} : { yardId: day.yardId }),
  });
  const change = (some: Partial<CourseRequest>) => setCourse((before) => ({ ...before, ...some }));
  const settle = async (name: 'width' | 'depth', text: string) => {
    try {
      const { length } = await readLength(text, system, known);
      const limits = kind.dimensions.find((d) => d.name === `${name}Metres`);
      if (limits && (length.metres < limits.minMetres || length.metres > limits.maxMetres)) {
        return `${limits.label} must be between ${limits.minMetres} and ${limits.maxMetres} m.`;
      }
      change({ [name]: length });
      return undefined;
    } catch (e) {
      return said(e);
    }
  };
  const rungs = answered?.evaluation.ladder?.rungs ?? [];
  return (
    <div className="grid flex-1 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <section aria-label="Plan" className="flex min-w-0 flex-col gap-3 px-6 py-4">
        <CourseHeading {...props} course={course} onChange={change} />
        <BoxDrawing
          answered={answered}
          limits={kind.dimensions}
          rungs={rungs.map((r) => r.settingMetres)}
          onDrag={(name, metres) => change({ [name]: moved(course[name], metres) })}
          onSettle={settle}
        />
        {problem !== undefined && (
          <p role="alert" className="text-brick">
            {problem} The drawing keeps the last good state.
          </p>
        )}
        <CourseFields
          course={course}
          rungs={rungs}
          machineName={first?.machine.name}
          onChange={change}
          onRung={(metres) => void settle('width', `${metres.toFixed(2)} m`)}
        />
      </section>
      <Reading
        answered={answered}
        pairs={ordered}
        inOrder={pairs}
        onChoose={setChosen}
        saved={stored !== undefined && same(stored, course)}
      />
    </div>
  );
}
