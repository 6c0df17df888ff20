import { Link } from 'react-router';
import {
  inSentence,
  ladderOf,
  settingOf,
  useCourseKinds,
  useCourses,
  type Course,
  type CourseKind,
} from '../course';
import { nameOf, pathOf, useDayLink, wayOn, type Briefing, type Day, type Stop } from '../day';
import { Owned } from '../kit';
import { saidAt, ActiveSizesList } from '../sizes';
import { CautionNote, GROUND_RULES, several } from '../../shared/ui';

/** How the way on is said where going there says more than its name. */
const ON: Partial<Record<Stop, string>> = {
  SETUP: 'Set the cones out',
  RANGE: 'Go on logging runs',
  PROGRESS: 'See how they got on',
};

/** The one button to go on. */
export function GoOn({ briefing }: { briefing: Briefing }) {
  const link = useDayLink();
  const { next } = briefing;
  return (
    <Link
      to={link(wayOn(briefing))}
      className="block rounded-sm bg-cone px-4 py-3 text-center text-lg font-semibold text-on-cone no-underline"
    >
      {ON[next] ?? `Go on to ${nameOf(next)}`}
    </Link>
  );
}

/** What is not ready, each with the way to it. */
export function NotReady({ briefing }: { briefing: Briefing }) {
  const link = useDayLink();
  const open = briefing.stops.filter((s) => s.message !== '');
  return (
    <section>
      <h2 className="mb-1">Not ready</h2>
      {open.length === 0 ? (
        <p className="text-moss">Everything is ready for this day.</p>
      ) : (
        <ul className="grid gap-1.5">
          {open.map((s) => (
            <li key={s.stop}>
              <Link to={link(pathOf(s.stop))}>{nameOf(s.stop)}</Link>: {s.message}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What to bring: cones by sort with spare, and what measures them. */
export function Bring({ briefing }: { briefing: Briefing }) {
  return (
    <section>
      <h2 className="mb-1">Bring</h2>
      <ul className="grid gap-1">
        {briefing.cones.map((c) => (
          <li key={c.marker.name}>
            <span className="figures text-xl">{c.needed}</span>{' '}
            {c.needed === 1 ? c.marker.name : several(c.marker.name)}{' '}
            <span className="text-soft">and {c.spare} spare</span>
            {c.missing > 0 && (
              <b className="text-brick">
                , <span className="figures">{c.missing}</span> more than the school owns
              </b>
            )}
          </li>
        ))}
        <li>{briefing.besides}</li>
      </ul>
      <p className="mt-1 text-sm text-soft">
        For all that stands on the yard at once, or the largest set up after another, whichever takes more.
      </p>
      <Owned />
    </section>
  );
}

/** What could hurt a person today. */
export function Cautions({ briefing }: { briefing: Briefing }) {
  return (
    <section className="grid gap-2">
      <h2>Safety</h2>
      {briefing.cautions.map((c) => (
        <CautionNote key={c.code + c.message}>{c.message}</CautionNote>
      ))}
      <CautionNote>{GROUND_RULES}</CautionNote>
    </section>
  );
}

/** What a course is set to, in one figure. */
function Size(props: { course: Course; kind: CourseKind | undefined; stands: number[] }) {
  const { course, kind, stands } = props;
  if (kind === undefined) return null;
  return (
    <>
      {inSentence(kind.label)}, {inSentence(ladderOf(kind).label)}{' '}
      <ActiveSizesList settings={stands.length > 0 ? stands : [settingOf(course, kind)]} />
    </>
  );
}

/** What to set first: the courses in their order, each with its sheet. */
export function SetFirst({ day }: { day: Day }) {
  const link = useDayLink();
  const courses = useCourses().data ?? [];
  const kinds = useCourseKinds().data ?? [];
  const set = day.courseIds.flatMap((id) => courses.find((c) => c.id === id) ?? []);
  if (set.length === 0) return null;
  return (
    <section>
      <h2 className="mb-1">Set first</h2>
      <ol className="grid list-inside list-decimal gap-1">
        {set.map((c) => (
          <li key={c.id}>
            <Link to={link(`/setup/${c.id}`)}>{c.name}</Link>,{' '}
            <Size course={c} kind={kinds.find((k) => k.kind === c.kind)} stands={saidAt(day, c.id)} />
          </li>
        ))}
      </ol>
    </section>
  );
}
