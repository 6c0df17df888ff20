import { useQuery } from '@tanstack/react-query';
import { Popover } from 'radix-ui';
import { Suspense, useEffect, useState } from 'react';
import { Link, Outlet, useLocation, useNavigate } from 'react-router';
import { useDayLink } from '../features/day';
import { body, http } from '../shared/http';
import { Toggle } from '../shared/ui';
import { usePreferences } from '../shared/units';
import { ErrorBoundary } from './ErrorBoundary';
import { Lane } from './Lane';
import { STOPS } from './stops';

const TOOL = 'rounded-sm border border-rule bg-panel px-2.5 py-1 text-[0.9rem] hover:border-ink';

/** The bar on top and the page under it. */
export function Frame() {
  const [shortcuts, setShortcuts] = useState(false);
  const link = useDayLink();
  const { pathname } = useLocation();
  useShortcuts(() => setShortcuts((open) => !open));
  return (
    <div className="flex min-h-screen flex-col">
      <a
        href="#page"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-panel focus:p-2"
      >
        To the page
      </a>
      <header className="no-print flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-rule bg-panel px-6 py-2 max-sm:px-3">
        <Link to={link('/today')} className="text-[1.3rem] font-bold tracking-tight text-ink no-underline">
          Wren Lane
        </Link>
        <div className="order-3 w-full min-w-0 lg:order-none lg:w-auto lg:flex-1">
          <Lane />
        </div>
        <div className="ml-auto flex items-center gap-2">
          <DemoLabel />
          <Units />
          <Light />
          <Shortcuts open={shortcuts} onOpenChange={setShortcuts} />
        </div>
      </header>
      <main id="page" className="flex flex-1 flex-col">
        <ErrorBoundary key={pathname}>
          <Suspense fallback={<p className="m-6 text-soft">One moment…</p>}>
            <Outlet />
          </Suspense>
        </ErrorBoundary>
      </main>
    </div>
  );
}

function DemoLabel() {
  const about = useQuery({ queryKey: ['about'], queryFn: () => body(http.GET('/api/about')) });
  return about.data?.demo ? (
    <span className="border border-dashed border-ochre px-2 py-1 text-[0.87rem] text-ochre">
      Demo<span className="max-sm:sr-only">: simulated riders</span>
    </span>
  ) : null;
}

function Units() {
  const { system, speed, change } = usePreferences();
  return (
    <Popover.Root>
      <Popover.Trigger className={TOOL} aria-label="Units">
        {system === 'METRIC' ? 'm' : 'ft'} · {speed}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          align="end"
          className="z-40 grid gap-3 border border-ink bg-panel p-4 shadow-lg"
        >
          <Toggle
            label="Lengths"
            value={system}
            options={[
              { value: 'METRIC', label: 'm' },
              { value: 'IMPERIAL', label: 'ft, in' },
            ]}
            onChoose={(v) => change({ system: v })}
          />
          <Toggle
            label="Speeds"
            value={speed}
            options={[
              { value: 'km/h', label: 'km/h' },
              { value: 'mph', label: 'mph' },
            ]}
            onChoose={(v) => change({ speed: v })}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function Light() {
  const { light, change } = usePreferences();
  return (
    <button
      type="button"
      className={TOOL}
      aria-label={`Light: ${light}`}
      onClick={() => change({ light: light === 'paper' ? 'sun' : 'paper' })}
    >
      {light === 'paper' ? 'Paper' : 'Sun'}
    </button>
  );
}

const KEYS: [string, string][] = [
  ['1 … 8', 'go to a stop of the lane'],
  ['Space', 'Range: clean run'],
  ['C L G F S T D', 'Range: cone, line, gate, foot, stall, stopped, drop'],
  ['Enter', 'Range: log the faults tapped'],
  ['← →', 'Range: side'],
  ['[ ]', 'Range: wider, tighter rung'],
  ['N', 'Range: next rider'],
  ['U', 'Range: undo'],
  ['K', 'Range: timer'],
  ['?', 'this list'],
];

function Shortcuts(props: { open: boolean; onOpenChange: (open: boolean) => void }) {
  return (
    <Popover.Root {...props}>
      <Popover.Trigger className={TOOL} aria-label="Keys">
        ?
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content sideOffset={6} align="end" className="z-40 border border-ink bg-panel p-4 shadow-lg">
          <h2 className="mb-2">Keys</h2>
          <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
            {KEYS.map(([key, what]) => (
              <div key={key} className="contents">
                <dt className="figures">{key}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** Whether keys are being typed into something. */
function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null
  );
}

function useShortcuts(toggleList: () => void) {
  const navigate = useNavigate();
  const link = useDayLink();
  useEffect(() => {
    const onKey = (e: KeyboardEvent) => {
      if (typing(e.target) || e.ctrlKey || e.metaKey || e.altKey) return;
      const stop = STOPS[Number(e.key) - 1];
      if (e.key === '?') toggleList();
      else if (stop !== undefined) void navigate(link(stop.path));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
