import type { Day } from '../../day';
import type { Machine } from '../../machine';
import type { Rider } from '../../rider';
import { typedLength, usePreferences } from '../../../shared/units';
import type { Course, CourseKind, CourseRequest } from '../api';
import { CourseDrawing } from '../plan/CourseDrawing';
import { CourseFields } from './CourseFields';
import { EdgeMarking } from './EdgeMarking';
import { CourseHeading } from './CourseHeading';
import { KindChooser } from './KindChooser';
import { LineStrip } from '../reading/LineStrip';
import { fresh, inSentence, ladderOf, lengthInBays, PARTS, same, settingOf } from '../model';
import { pairsOf } from '../pairs';
import { Reading } from '../reading/Reading';
import { VerdictLine } from '../reading/Verdict';
import { Sizes } from './Sizes';
import { useCourseAnswers } from '../useCourseAnswers';
import { useCourseDraft } from './useCourseDraft';
import { useCourseView } from '../useCourseView';

/** The course as it is being worked on, with the core's answer beside it at every move. */
export function CourseEditor(props: {
  stored: Course | undefined;
  start: CourseRequest;
  kinds: CourseKind[];
  day: Day | undefined;
  courses: Course[];
  machines: Machine[];
  riders: Rider[];
  onOpen: (id: number | 'new') => void;
}) {
  const { stored, day } = props;
  const draft = useCourseDraft(props.start, props.kinds);
  const { course, kind } = draft;
  const [view, changeView] = useCourseView();
  const { system } = usePreferences();
  const answers = useCourseAnswers(draft, day, pairsOf(day, props.machines, props.riders), view);
  const { answered, chosen, line, ladder } = answers;
  const evaluation = answered?.answer;
  const dimension = ladderOf(kind);
  // On a course set in bays a size is so many bays, known as well as they are.
  const rest = (name: string, metres: number) => {
    const size = name === dimension.name && ladder?.sizes.find((r) => r.settingMetres === metres);
    if (size && size.inBays) draft.setLength(name, lengthInBays(size.inBays));
    else void draft.settle(name, typedLength(metres, system));
  };
  return (
    <div className="grid flex-1 grid-cols-1 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <section aria-label="Plan" className="flex min-w-0 flex-col gap-3 px-6 py-4">
        <CourseHeading
          {...props}
          course={course}
          touched={!same(course, fresh(kind, system))}
          onChange={draft.change}
        />
        <KindChooser
          kinds={props.kinds}
          chosen={kind}
          plan={evaluation?.plan}
          open={stored === undefined}
          onChoose={draft.choose}
        />
        {chosen && <VerdictLine fit={evaluation?.fit} line={line} pending={answers.pending} />}
        <CourseDrawing
          key={kind.kind}
          plan={evaluation?.plan}
          course={answered?.request.course ?? course}
          ridden={{
            line,
            over: answers.overLine,
            binding: line?.binding,
            bindingText:
              line === evaluation?.roomiest ? undefined : `tightest: ${line ? PARTS[line.binding.part] : ''}`,
            place:
              view.at === undefined ? undefined : line?.places[Math.min(view.at, line.places.length - 1)],
          }}
          marks={{
            pointed: view.pointed,
            onPoint: (pointed) => changeView({ pointed }),
            ...(view.marked && line && { chalked: line.marks.map((m) => ({ label: m.label, ...m.at })) }),
          }}
          className="h-[max(20rem,calc(100vh-27rem))] shrink-0"
          changing={{
            kind,
            sizes: ladder?.sizes.map((r) => r.settingMetres) ?? [],
            onDrag: draft.drag,
            onSettle: draft.settle,
            onRest: rest,
          }}
        />
        {(line ?? (chosen && evaluation === undefined)) && (
          <div className="min-h-27">
            {line && <LineStrip line={line} at={view.at} onAt={(at) => changeView({ at })} />}
          </div>
        )}
        {answers.problem !== undefined && (
          <p role="alert" className="text-brick">
            {answers.problem} {answered && 'The drawing keeps the last good state.'}
          </p>
        )}
        <Sizes
          ladder={ladder}
          label={inSentence(dimension.label)}
          machineName={chosen?.machine.name}
          setting={settingOf(course, kind)}
          onSize={(metres) => rest(dimension.name, metres)}
        />
        <CourseFields
          kind={kind}
          course={course}
          plan={evaluation?.plan}
          onLength={draft.setLength}
          onChange={draft.change}
        />
        <EdgeMarking course={course} drawn={answered?.request.course ?? course} onSet={rest} />
      </section>
      <Reading answers={answers} kind={kind} view={view} onView={changeView} />
    </div>
  );
}
