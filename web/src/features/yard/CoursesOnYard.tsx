import { useState } from 'react';
import { Link } from 'react-router';
import type { Course } from '../course';
import { changed, useDayLink, useSaveDay, type Day } from '../day';
import { useRiders } from '../rider';
import { Button, TextField, useSay } from '../../shared/ui';
import { useFindPlaces, type GroundPlan, type Stand, type Yard } from './api';
import { MetresField } from './MetresField';
import { StandingCourses } from './StandingCourses';
import { usePlaces, type Places } from './usePlaces';
import { YardDrawing } from './YardDrawing';

/** The day's courses on its yard: dragged, typed, or placed by the app, with everything unsafe about it. */
export function CoursesOnYard({ yard, day, courses }: { yard: Yard; day: Day; courses: Course[] }) {
  const riders = useRiders().data ?? [];
  const novices = day.riders.some((p) => riders.find((r) => r.id === p.riderId)?.level === 'NOVICE');
  const {
    places,
    setPlaces,
    move,
    takeUp,
    requestFor,
    plan,
    problem,
    changed: dirty,
  } = usePlaces(yard.id, day, courses, novices);
  const [chosen, setChosen] = useState<number>();
  const [unplaced, setUnplaced] = useState<GroundPlan['findings']>([]);
  const find = useFindPlaces();
  const save = useSaveDay();
  const say = useSay();
  const placeBy = (kept: Places) =>
    find.mutate(requestFor(kept), {
      onSuccess: (found) => {
        setPlaces(Object.fromEntries(found.courses.map((c) => [c.courseId, c.stand])));
        setUnplaced(found.findings.filter((f) => UNPLACED.includes(f.code)));
      },
      onError: say.failed,
    });
  const store = () =>
    save.mutate(
      {
        id: day.id,
        day: changed(day, {
          stands: courses.flatMap((c) => {
            const stand = places[c.id];
            return stand ? [{ courseId: c.id, stand }] : [];
          }),
        }),
      },
      { onSuccess: () => say.done('Places saved.'), onError: say.failed },
    );
  const open = courses.filter((c) => places[c.id] === undefined);
  return (
    <div className="grid flex-1 gap-6 px-6 py-4 lg:grid-cols-[minmax(0,1fr)_26rem]">
      <div className="flex flex-col gap-3">
        <YardDrawing
          corners={yard.corners}
          ground={yard.ground}
          className="h-[max(22rem,calc(100vh-16rem))] shrink-0"
        >
          {(view) =>
            plan && (
              <StandingCourses
                plan={plan}
                view={view}
                chosen={chosen}
                onChoose={setChosen}
                onMove={(id, stand) => {
                  setUnplaced([]);
                  move(id, stand);
                }}
              />
            )
          }
        </YardDrawing>
        <p className="text-sm text-soft">
          Solid: the ground ridden on. Dotted: where a machine gets to that goes straight on, an estimate at
          walking to running pace. Drag a course, or choose it and use the arrow keys; with Shift by a metre.
        </p>
      </div>
      <div className="grid content-start gap-4">
        <div className="flex flex-wrap gap-2">
          <Button
            kind="primary"
            disabled={find.isPending || courses.length === 0}
            onClick={() => placeBy(open.length === 0 ? {} : places)}
          >
            {open.length === 0 ? 'Place all anew' : `Find a place for ${open.length}`}
          </Button>
          <Button disabled={!dirty || save.isPending} onClick={store}>
            Save places
          </Button>
        </div>
        {find.isPending && <p aria-live="polite">Looking for places…</p>}
        <Unsafe plan={plan} unplaced={unplaced} problem={problem} standing={courses.length - open.length} />
        <ul className="grid gap-2">
          {courses.map((c) => (
            <Place
              key={c.id}
              course={c}
              stand={places[c.id]}
              chosen={c.id === chosen}
              onChoose={() => setChosen(c.id === chosen ? undefined : c.id)}
              onMove={(some) => move(c.id, some)}
              onTakeUp={() => takeUp(c.id)}
            />
          ))}
        </ul>
      </div>
    </div>
  );
}

/** Findings about a course that found no place: they are of the search, not of what stands. */
const UNPLACED = ['no-place-found', 'course-too-large'];

function Unsafe(props: {
  plan: GroundPlan | undefined;
  unplaced: GroundPlan['findings'];
  problem: string | undefined;
  standing: number;
}) {
  const findings = [...props.unplaced, ...(props.plan?.findings ?? [])];
  return (
    <div className="grid gap-2" aria-live="polite">
      {props.problem !== undefined && <p className="text-brick">{props.problem}</p>}
      {findings.map((f) => (
        <p
          key={f.code + f.message}
          role="alert"
          className="border-l-4 border-brick bg-panel py-1.5 pl-3 pr-2"
        >
          {f.message}
        </p>
      ))}
      {props.plan && findings.length === 0 && props.standing > 0 && (
        <p className="text-moss">
          Nothing overlaps, run-outs are clear, and riders can wait out of the way. Walk the ground all the
          same.
        </p>
      )}
      {props.standing === 0 && (
        <p>Nothing stands yet. Let the app find places, or put a course down and drag it.</p>
      )}
    </div>
  );
}

const DEGREES = 180 / Math.PI;

/** In (−π, π], so that turning on and on stays in range. */
const wrapped = (radians: number) => Math.atan2(Math.sin(radians), Math.cos(radians));

function Place(props: {
  course: Course;
  stand: Stand | undefined;
  chosen: boolean;
  onChoose: () => void;
  onMove: (some: Partial<Stand>) => void;
  onTakeUp: () => void;
}) {
  const { course, stand, chosen } = props;
  const link = useDayLink();
  if (stand === undefined) {
    return (
      <li className="flex flex-wrap items-baseline justify-between gap-2 border-t border-rule pt-2">
        <span>
          {course.name} <span className="text-soft">is set up after another</span>
        </span>
        <Button onClick={() => props.onMove({})}>Put it down</Button>
      </li>
    );
  }
  return (
    <li className="border-t border-rule pt-2">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <button
          type="button"
          aria-expanded={chosen}
          className={chosen ? 'font-semibold' : 'hover:underline'}
          onClick={props.onChoose}
        >
          {course.name}
        </button>
        <span className="figures text-soft">
          {stand.xMetres.toFixed(1)} · {stand.yMetres.toFixed(1)} m ·{' '}
          {Math.round(stand.turnRadians * DEGREES)}°
        </span>
      </div>
      {chosen && (
        <div className="mt-2 grid grid-cols-3 gap-3">
          <MetresField
            label="Along AB"
            orZero
            metres={stand.xMetres}
            onRead={(xMetres) => props.onMove({ xMetres })}
          />
          <MetresField
            label="Square to it"
            orZero
            metres={stand.yMetres}
            onRead={(yMetres) => props.onMove({ yMetres })}
          />
          <TextField
            key={stand.turnRadians}
            label="Turned, °"
            inputMode="decimal"
            defaultValue={(stand.turnRadians * DEGREES).toFixed(0)}
            onBlur={(e) => {
              const turned = Number(e.target.value.replace(',', '.'));
              if (Number.isFinite(turned)) props.onMove({ turnRadians: wrapped(turned / DEGREES) });
            }}
          />
          <div className="col-span-3 flex flex-wrap gap-2">
            <Button onClick={() => props.onMove({ turnRadians: wrapped(stand.turnRadians + Math.PI / 2) })}>
              Quarter turn
            </Button>
            <Button onClick={() => props.onTakeUp()}>Take it up</Button>
            <Link className="self-center" to={link(`/set-out/${course.id}`)}>
              Set it out here
            </Link>
          </div>
        </div>
      )}
    </li>
  );
}
