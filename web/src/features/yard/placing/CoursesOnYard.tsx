import { useEffect, useEffectEvent, useState } from 'react';
import type { Course } from '../../course';
import { NextStep, changed, useGoOn, useSaveDay, type Day } from '../../day';
import { abilityOf, useRiders, type Rider } from '../../rider';
import { Button, useSay, useDraft } from '../../../shared/ui';
import type { AmongRequest, Yard } from '../api';
import { lookedAt } from '../model';
import { Place } from './Place';
import { ShareCones } from './ShareCones';
import { Sharing } from './Sharing';
import { StandingCourses } from './StandingCourses';
import { Unsafe } from './Unsafe';
import { usePlaceSearch } from './usePlaceSearch';
import { usePlaces, type Places } from './usePlaces';
import { YardDrawing } from '../drawing/YardDrawing';

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
  const [stored, setStored] = useState(day);
  const save = useSaveDay();
  const say = useSay();
  // Where nothing stands yet, places are proposed at once; looking at them is no work to be lost.
  const [proposed, setProposed] = useState<Places>();
  const { searching, slow, unplaced, search, stop, forget } = usePlaceSearch(requestFor, (stands) => {
    setPlaces(stands);
    setProposed(stands);
  });
  const unsaved = useDraft({
    name: `places/${day.id}/${yard.id}`,
    value: places,
    dirty: dirty && places !== proposed,
    onRestore: setPlaces,
  });
  const proposing = useEffectEvent(() => {
    if (courses.length > 0 && Object.keys(places).length === 0) search({});
  });
  useEffect(() => proposing(), []);
  const goOn = useGoOn(unsaved.letGo);
  const store = (leaving: boolean) =>
    save
      .mutateAsync({
        stored,
        day: changed(stored, {
          stands: courses.flatMap((c) => {
            const stand = places[c.id];
            return stand ? [{ courseId: c.id, stand }] : [];
          }),
        }),
      })
      .then(async (saved) => {
        setStored(saved);
        unsaved.letGo();
        say.done('Places saved.');
        if (leaving) await goOn('YARD');
      })
      .catch(say.failed);
  const open = courses.filter((c) => places[c.id] === undefined);
  const savable = dirty && !save.isPending;
  const inOneAnother = plan?.findings.some((f) => f.code === 'cones-shared' || f.code === 'courses-overlap');
  return (
    <div className="grid flex-1 grid-cols-1 gap-6 px-6 py-4 lg:grid-cols-[minmax(0,1fr)_26rem]">
      {unsaved.question}
      <div className="flex flex-col gap-3">
        <YardDrawing
          corners={yard.corners}
          ground={yard.ground}
          className="h-72 shrink-0 lg:h-[max(22rem,calc(100vh-16rem))]"
          closerAt={plan && lookedAt(plan.courses, chosen)}
        >
          {{
            under: (view) =>
              plan && (
                <StandingCourses
                  plan={plan}
                  view={view}
                  chosen={chosen}
                  onChoose={setChosen}
                  onMove={(id, stand) => {
                    forget();
                    move(id, stand);
                  }}
                />
              ),
          }}
        </YardDrawing>
        <p className="text-sm text-soft">
          Solid: the ground ridden on. Dotted: where a machine gets to that goes straight on, an estimate at
          walking to running pace. Drag a course, or choose it and use the arrow keys, with Shift by a metre;
          the handle ahead of it turns it. A ring round a cone: two courses share it.
        </p>
      </div>
      <div className="grid content-start gap-4">
        <div className="flex flex-wrap gap-2">
          {dirty && (
            <Button kind="primary" disabled={!savable} onClick={() => void store(true)}>
              Save and go on
            </Button>
          )}
          <Button data-save disabled={!savable} onClick={() => void store(false)}>
            Save places
          </Button>
          <Button
            kind={dirty || open.length === 0 ? 'plain' : 'primary'}
            disabled={searching || courses.length === 0}
            onClick={() => search(open.length === 0 ? {} : places)}
          >
            {open.length === 0 ? 'Rearrange all' : `Find a place for ${open.length}`}
          </Button>
          {!dirty && <NextStep here="YARD" />}
        </div>
        {searching && (
          <p role="status" className="flex items-center gap-3">
            Looking for places…
            {slow && (
              <Button kind="quiet" onClick={() => stop()}>
                Stop
              </Button>
            )}
          </p>
        )}
        <Unsafe plan={plan} unplaced={unplaced} problem={problem} standing={courses.length - open.length} />
        {plan && inOneAnother && (
          <Sharing
            plan={plan}
            request={{ yardId: yard.id, courses: requestFor(places).courses, rides: ridesOf(day, riders) }}
          />
        )}
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
            >
              {courses.length - open.length > 1 && (
                <ShareCones
                  courseId={c.id}
                  request={requestFor(places)}
                  nameOf={(id) => courses.find((o) => o.id === id)?.name ?? ''}
                  onMove={(stand) => move(c.id, stand)}
                />
              )}
            </Place>
          ))}
        </ul>
      </div>
    </div>
  );
}

/** Machine and ability of everybody of a day. */
function ridesOf(day: Day, riders: Rider[]): AmongRequest['rides'] {
  return day.riders.flatMap(({ riderId, machineId }) => {
    const rider = riders.find((r) => r.id === riderId);
    return rider === undefined ? [] : [{ machineId, ...abilityOf(rider) }];
  });
}
