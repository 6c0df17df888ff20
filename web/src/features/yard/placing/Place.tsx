import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Course } from '../../course';
import { useDayLink } from '../../day';
import { Button, TextField } from '../../../shared/ui';
import { lengthText, readNumber, usePreferences } from '../../../shared/units';
import type { Stand } from '../api';
import { MetresField } from '../../length';

const DEGREES = 180 / Math.PI;

/** In (−π, π], so that turning on and on stays in range. */
const wrapped = (radians: number) => Math.atan2(Math.sin(radians), Math.cos(radians));

/** Where one course stands, to be read and typed. */
export function Place(props: {
  course: Course;
  stand: Stand | undefined;
  chosen: boolean;
  onChoose: () => void;
  onMove: (some: Partial<Stand>) => void;
  onTakeUp: () => void;
  /** What else can be done with it where it stands. */
  children?: ReactNode;
}) {
  const { course, stand, chosen } = props;
  const { system } = usePreferences();
  const link = useDayLink();
  if (stand === undefined) {
    return (
      <li className="flex flex-wrap items-baseline justify-between gap-2 border-t border-rule pt-2">
        <span>
          {course.name} <span className="text-soft">is set up after another</span>
        </span>
        <Button onClick={() => props.onMove({})}>Place</Button>
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
          {lengthText(stand.xMetres, system)} · {lengthText(stand.yMetres, system)} ·{' '}
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
              const turned = readNumber(e.target.value);
              if (turned !== undefined) props.onMove({ turnRadians: wrapped(turned / DEGREES) });
            }}
          />
          <div className="col-span-3 flex flex-wrap gap-2">
            <Button onClick={() => props.onMove({ turnRadians: wrapped(stand.turnRadians + Math.PI / 2) })}>
              Quarter turn
            </Button>
            <Button onClick={() => props.onTakeUp()}>Remove from yard</Button>
            <Link className="self-center" to={link(`/setup/${course.id}`)}>
              Set it out here
            </Link>
          </div>
          {props.children}
        </div>
      )}
    </li>
  );
}
