import { Link } from 'react-router';
import { useDayLink } from '../day';

const TABS = [
  { at: 'order', path: '/lesson', name: 'Running order' },
  { at: 'check', path: '/lesson/check', name: 'Check' },
  { at: 'drills', path: '/lesson/drills', name: 'Drills' },
  { at: 'methods', path: '/lesson/methods', name: 'Methods' },
] as const;

export type LessonTab = (typeof TABS)[number]['at'];

/** The running order, the drills and the riding methods share a stop of the lane. */
export function LessonTabs({ here }: { here: LessonTab }) {
  const link = useDayLink();
  return (
    <div className="no-print flex gap-6 overflow-x-auto px-6 pt-4 max-sm:gap-3 max-sm:px-3">
      <h1 className="sr-only">{TABS.find((t) => t.at === here)?.name}</h1>
      {TABS.map((t) => (
        <Link
          key={t.at}
          to={link(t.path)}
          aria-current={t.at === here ? 'page' : undefined}
          className={`border-b-3 px-1 pb-1 text-[1.2rem] font-bold whitespace-nowrap no-underline max-sm:text-base ${t.at === here ? 'border-cone text-ink' : 'border-transparent text-soft'}`}
        >
          {t.name}
        </Link>
      ))}
    </div>
  );
}
