import { abilityOf } from '../../rider';
import { useState } from 'react';
import type { Day } from '../../day';
import type { Machine } from '../../machine';
import type { Rider } from '../../rider';
import { typedLength, usePreferences } from '../../../shared/units';
import {
  useComparison,
  useLadder,
  type Course,
  type CourseKind,
  type CourseRequest,
  type LineChoice,
} from '../api';
import { CourseDrawing } from '../plan/CourseDrawing';
import { CourseFields } from './CourseFields';
import { EdgeMarking } from './EdgeMarking';
import { CourseHeading } from './CourseHeading';
import { KindChooser } from './KindChooser';
import { LineStrip } from '../reading/LineStrip';
import { drawnLine, fresh, inSentence, ladderOf, lengthInBays, PARTS, same, settingOf } from '../model';
import { pairsOf, type Pair } from '../pairs';
import { Reading } from '../reading/Reading';
import { VerdictLine } from '../reading/Verdict';
import { Rungs } from './Rungs';
import { useCourseDraft } from './useCourseDraft';
import { useEvaluation } from '../useEvaluation';

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
  const [chosen, setChosen] = useState<string>();
  const [overKey, setOverKey] = useState<string>();
  const [choice, setChoice] = useState<LineChoice>('COMFORTABLE');
  const [speed, setSpeed] = useState<number>();
  const { system } = usePreferences();
  const [at, setAt] = useState<number>();
  const [pointed, setPointed] = useState<string>();
  const [marked, setMarked] = useState(false);
  const pairs = pairsOf(day, props.machines, props.riders);
  const first = pairs.find((p) => p.key === chosen) ?? pairs[0];
  const over = pairs.find((p) => p.key === overKey);
  const yard = day?.yardId === undefined ? {} : { yardId: day.yardId };
  const question = (p: Pair | undefined) => ({
    course,
    ...abilityOf(p?.rider),
    ...(p && { machineId: p.machine.id }),
    ...yard,
    // One line alone is quicker to send and to read.
    ...(draft.dragging && { line: choice }),
    ...(speed !== undefined && { speedMetresPerSecond: speed }),
    settled: !draft.dragging,
  });
  const latest = useEvaluation(question(first), first?.machine.turn);
  const { problem } = latest;
  // What was reckoned of another kind says nothing of this one.
  const answered = latest.answered?.request.course.kind === kind.kind ? latest.answered : undefined;
  // A line drawn for somebody else may stand until the next is there; its verdict may not.
  const pending = answered === undefined || !isRiddenBy(answered.request, first);
  const laid = useEvaluation(over && question(over), over?.machine.turn);
  // What is being typed may contradict itself: the rest is asked for once the course itself has an answer.
  const known = answered !== undefined && problem === undefined && same(answered.request.course, course);
  const still = !draft.dragging && known;
  const settled = still && first ? question(first) : undefined;
  const ladder = useLadder(settled).data;
  const everyone = settled && {
    course,
    pairs: pairs.map((p) => ({ machineId: p.machine.id, ...abilityOf(p.rider) })),
    ...yard,
    system,
  };
  // Rooms come at once; limits take longer the first time.
  const rooms = useComparison(everyone && { ...everyone, limits: false });
  const limits = useComparison(everyone && { ...everyone, limits: true });
  const comparison = limits.stale || limits.data === undefined ? rooms : limits;
  const evaluation = answered?.answer;
  const line = drawnLine(evaluation, choice);
  const dimension = ladderOf(kind);
  // On a course set in bays a rung is so many bays, known as well as they are.
  const rest = (name: string, metres: number) => {
    const rung = name === dimension.name && ladder?.rungs.find((r) => r.settingMetres === metres);
    if (rung && rung.inBays) draft.setLength(name, lengthInBays(rung.inBays));
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
        {first && <VerdictLine fit={evaluation?.fit} line={line} pending={pending} />}
        <CourseDrawing
          key={kind.kind}
          plan={evaluation?.plan}
          course={answered?.request.course ?? course}
          line={line}
          over={over && drawnLine(laid.answered?.answer, 'COMFORTABLE')}
          binding={line?.binding}
          bindingText={
            line === evaluation?.roomiest ? undefined : `tightest: ${line ? PARTS[line.binding.part] : ''}`
          }
          place={at === undefined ? undefined : line?.places[Math.min(at, line.places.length - 1)]}
          pointed={pointed}
          onPoint={setPointed}
          {...(marked && line && { chalked: line.marks.map((m) => ({ label: m.label, ...m.at })) })}
          className="h-[max(20rem,calc(100vh-27rem))] shrink-0"
          changing={{
            kind,
            rungs: ladder?.rungs.map((r) => r.settingMetres) ?? [],
            onDrag: draft.drag,
            onSettle: draft.settle,
            onRest: rest,
          }}
        />
        {(line ?? (first && evaluation === undefined)) && (
          <div className="min-h-27">{line && <LineStrip line={line} at={at} onAt={setAt} />}</div>
        )}
        {problem !== undefined && (
          <p role="alert" className="text-brick">
            {problem} {answered && 'The drawing keeps the last good state.'}
          </p>
        )}
        <Rungs
          ladder={ladder}
          label={inSentence(dimension.label)}
          machineName={first?.machine.name}
          setting={settingOf(course, kind)}
          onRung={(metres) => rest(dimension.name, metres)}
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
      <Reading
        answered={answered}
        pending={pending}
        settled={settled}
        kind={kind}
        comparison={comparison.data?.rows}
        table={limits}
        stale={comparison.stale || settled === undefined}
        chosen={first}
        over={over}
        inOrder={pairs}
        choice={choice}
        onLine={setChoice}
        speed={speed}
        onSpeed={setSpeed}
        onChoose={setChosen}
        onOver={setOverKey}
        pointed={pointed}
        onPoint={setPointed}
        marked={marked}
        onMarked={setMarked}
        saved={stored !== undefined && same(stored, course)}
      />
    </div>
  );
}

/** Whether a question is about this machine and what its rider can do. */
function isRiddenBy(
  asked: Pick<Rider, 'level' | 'mostLeanRadians'> & { machineId?: number | undefined },
  pair: Pair | undefined,
): boolean {
  const { level, mostLeanRadians } = abilityOf(pair?.rider);
  return (
    asked.machineId === pair?.machine.id && asked.level === level && asked.mostLeanRadians === mostLeanRadians
  );
}
