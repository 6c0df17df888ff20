import { Link } from 'react-router';
import { useBriefing, type Briefing } from './api';
import { nameOf, wayOn, type Stop } from './stops';
import { useDay, useDayLink } from './useDay';

interface Way {
  path: string;
  name: string;
}

const NO_DAY: Way = { path: '/today', name: 'Start a day' };

/** Where the day goes on from here, once what is here is stored: as the core says it. */
export function NextStep(props: {
  here: Stop;
  /** Where to go while the day still needs something of this very stop. */
  own?: Way;
}) {
  const link = useDayLink();
  const read = useDay();
  const day = read.state === 'ready' ? read.value.day : undefined;
  const briefing = useBriefing(day?.id).data;
  if (read.state !== 'ready') return null;
  const to = day === undefined ? NO_DAY : briefing && onwards(briefing, props);
  if (to === undefined) return null;
  return (
    <Link
      to={link(to.path)}
      className="rounded-sm border border-rule bg-panel px-3 py-1.5 text-ink no-underline hover:border-ink"
    >
      Next: {to.name}
    </Link>
  );
}

function onwards(briefing: Briefing, { here, own }: { here: Stop; own?: Way }): Way | undefined {
  return briefing.next === here ? own : { path: wayOn(briefing), name: nameOf(briefing.next) };
}
