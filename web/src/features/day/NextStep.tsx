import { Link } from 'react-router';
import { useBriefing } from './api';
import { wayFrom, type Stop, type Way } from './stops';
import { useDay, useDayLink } from './useDay';

const SHAPE = 'thumb inline-flex items-center rounded-sm border border-rule bg-panel px-3 py-1.5';

/** Where the day goes on from here, once what is here is stored: as the core says it. */
export function NextStep(props: {
  here: Stop;
  /** Where to go while the day still needs something of this very stop. */
  own?: Way | undefined;
}) {
  const link = useDayLink();
  const read = useDay();
  const day = read.state === 'ready' ? read.value.day : undefined;
  const briefing = useBriefing(day?.id).data;
  if (read.state !== 'ready' || (day !== undefined && briefing === undefined)) {
    // Its place is kept: nothing beneath moves when it is known.
    return (
      <span aria-hidden="true" className={`${SHAPE} invisible`}>
        Next
      </span>
    );
  }
  const to = wayFrom(briefing, props.here, props.own);
  if (to === undefined) return null;
  return (
    <Link to={link(to.path)} className={`${SHAPE} text-ink no-underline hover:border-ink`}>
      Next: {to.name}
    </Link>
  );
}
