import { Link } from 'react-router';
import { useDayLink } from '../day';

/** Machines and riders share a stop of the lane. */
export function GroupTabs({ here }: { here: 'machines' | 'riders' }) {
  const link = useDayLink();
  const tab = (to: string, name: string, at: boolean) => (
    <Link
      to={link(to)}
      aria-current={at ? 'page' : undefined}
      className={`border-b-3 px-1 pb-1 text-[1.2rem] font-bold no-underline ${at ? 'border-cone text-ink' : 'border-transparent text-soft'}`}
    >
      {name}
    </Link>
  );
  return (
    <div className="flex gap-6 px-6 pt-4">
      <h1 className="sr-only">{here === 'machines' ? 'Machines' : 'Riders'}</h1>
      {tab('/machines', 'Machines', here === 'machines')}
      {tab('/riders', 'Riders', here === 'riders')}
    </div>
  );
}
