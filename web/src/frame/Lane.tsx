import { useEffect, useRef } from 'react';
import { NavLink, useLocation } from 'react-router';
import { STOPS, stopOf, useBriefing, useDay, useDayLink, type Readiness } from '../features/day';

const WORDS: Record<Readiness, string> = { DONE: 'ready', ATTENTION: 'needs attention', EMPTY: 'empty' };

/** The stops on their dashed line; the one you are at is a cone. */
export function Lane() {
  const here = stopOf(useLocation().pathname);
  const link = useDayLink();
  const day = useDay();
  const briefing = useBriefing(day.state === 'ready' ? day.value.day?.id : undefined);
  const readiness = (stop: string): Readiness =>
    briefing.data?.stops.find((s) => s.stop === stop)?.readiness ?? 'EMPTY';
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    // With the next picture, for which everything is laid out anyway.
    const frame = requestAnimationFrame(() => {
      list.current?.querySelector('[aria-current]')?.scrollIntoView({ inline: 'center', block: 'nearest' });
    });
    return () => cancelAnimationFrame(frame);
  }, [here]);
  return (
    <nav aria-label="Stops of the day" className="min-w-0 flex-1 overflow-x-auto">
      <ol ref={list} className="relative flex min-w-136 justify-between">
        <li
          aria-hidden="true"
          className="absolute left-4 right-4 top-2.5 border-t-3 border-dashed border-[#b5ad9b]"
        />
        {STOPS.map((s) => (
          <li key={s.stop} className="relative flex-1">
            <NavLink
              to={link(s.path)}
              aria-current={here === s.stop ? 'page' : undefined}
              className={`block pb-1 text-center no-underline ${here === s.stop ? 'font-semibold text-cone' : 'text-ink'}`}
            >
              <Mark here={here === s.stop} readiness={readiness(s.stop)} />
              <span className="mt-1 block text-sm">{s.name}</span>
              <span className="sr-only"> {WORDS[readiness(s.stop)]}</span>
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  );
}

function Mark({ here, readiness }: { here: boolean; readiness: Readiness }) {
  return (
    <svg width="24" height="22" viewBox="0 0 24 22" aria-hidden="true" className="mx-auto block">
      {here ? (
        <path d="M12 1 L22 20 H2 Z" className="fill-cone" />
      ) : readiness === 'DONE' ? (
        <circle cx="12" cy="11" r="6" className="fill-moss" />
      ) : (
        <circle
          cx="12"
          cy="11"
          r="5"
          strokeWidth="2.4"
          className={`fill-panel ${readiness === 'ATTENTION' ? 'stroke-ochre' : 'stroke-soft'}`}
          strokeDasharray={readiness === 'EMPTY' ? '2.2 2' : undefined}
        />
      )}
    </svg>
  );
}
