import { Link } from 'react-router';
import { useDayLink } from './useDay';

/** Pages that share a stop of the lane; the one that is open names the page. */
export function StopTabs(props: { tabs: readonly { path: string; name: string }[]; here: string }) {
  const link = useDayLink();
  return (
    <div className="no-print flex gap-6 overflow-x-auto px-6 pt-4 max-sm:gap-3 max-sm:px-3">
      <h1 className="sr-only">{props.tabs.find((t) => t.path === props.here)?.name}</h1>
      {props.tabs.map((t) => (
        <Link
          key={t.path}
          to={link(t.path)}
          aria-current={t.path === props.here ? 'page' : undefined}
          className={`border-b-3 px-1 pb-1 text-xl font-bold whitespace-nowrap no-underline max-sm:text-base ${t.path === props.here ? 'border-cone text-ink' : 'border-transparent text-soft'}`}
        >
          {t.name}
        </Link>
      ))}
    </div>
  );
}
