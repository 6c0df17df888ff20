import { useState } from 'react';
import { Button, counted, useSay } from '../../../shared/ui';
import { degreesText } from '../../../shared/units';
import { useSharedPlaces, type GroundPlanRequest, type SharedPlace, type Stand } from '../api';

/** Places at which a course shares cones with others that stand, to be chosen from. */
export function ShareCones(props: {
  courseId: number;
  request: GroundPlanRequest;
  nameOf: (courseId: number) => string;
  onMove: (stand: Stand) => void;
}) {
  const find = useSharedPlaces();
  const say = useSay();
  const [places, setPlaces] = useState<SharedPlace[]>();
  const look = () =>
    find.mutate(
      { courseId: props.courseId, request: props.request },
      { onSuccess: setPlaces, onError: say.failed },
    );
  return (
    <div className="col-span-3 grid gap-2">
      <span className="flex flex-wrap items-center gap-2">
        <Button disabled={find.isPending} onClick={look}>
          Share cones
        </Button>
        {places?.length === 0 && (
          <span role="status">
            No cone of it can be one of another that stands: none is alike, or there is no space for it.
          </span>
        )}
      </span>
      {places !== undefined && places.length > 0 && (
        <ul className="flex flex-wrap gap-2" aria-label="Places with shared cones">
          {places.map((place, i) => (
            <li key={i}>
              <Button onClick={() => props.onMove(place.stand)}>
                <span className="text-sm">
                  {counted(place.cones, 'cone')} · {props.nameOf(place.withId)} ·{' '}
                  <span className="figures">{degreesText(place.stand.turnRadians, 0)}</span>
                </span>
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
