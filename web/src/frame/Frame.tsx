import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, Outlet, useLocation, useNavigate } from 'react-router';
import { STOPS, titleOf, useDay, useDayLink } from '../features/day';
import { ErrorBoundary } from './ErrorBoundary';
import { CheckLabel } from './CheckLabel';
import { KnownHere } from './KnownHere';
import { Lane } from './Lane';
import { useSignedOut } from '../shared/http';
import { Conflicts, OneMoment, Opening } from '../shared/ui';
import { shortDate, usePreferences } from '../shared/units';
import { SignIn } from './SignIn';
import { DemoLabel, KeepOpenLabel, Light, NewerLabel, ReachLabel, Shortcuts, Units } from './Tools';

/** Nothing that is drawn: it comes after all else. */
const FillPocket = lazy(() => import('../features/setup').then((m) => ({ default: m.FillPocket })));

/** The bar on top and the page under it. */
export function Frame() {
  return <Conflicts>{(generation) => <Page generation={generation} />}</Conflicts>;
}

function Page({ generation }: { generation: number }) {
  const [shortcuts, setShortcuts] = useState(false);
  const signedOut = useSignedOut();
  const { pathname, key } = useLocation();
  const [opened] = useState(key);
  useEffect(() => {
    document.title = titleOf(pathname);
  }, [pathname]);
  useShortcuts(() => setShortcuts((open) => !open));
  return (
    <div className="flex min-h-screen flex-col">
      <a
        href="#page"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-panel focus:p-2"
      >
        To the page
      </a>
      <header className="no-print flex flex-wrap items-center gap-x-6 gap-y-1 border-b border-rule bg-panel px-6 py-2 max-sm:gap-x-1 max-sm:px-3">
        <Brand />
        <div className="order-3 w-full min-w-0 lg:order-none lg:w-auto lg:flex-1">
          <Lane />
        </div>
        <div className="ml-auto flex flex-wrap items-center justify-end gap-2 max-sm:contents">
          <ReachLabel />
          <KeepOpenLabel />
          <NewerLabel />
          <CheckLabel />
          <DemoLabel />
          <Units />
          <Light />
          <Shortcuts open={shortcuts} onOpenChange={setShortcuts} />
        </div>
      </header>
      {signedOut ? (
        <SignIn />
      ) : (
        <Suspense>
          <FillPocket />
        </Suspense>
      )}
      {/* What was typed before stays as it is. */}
      <main id="page" hidden={signedOut} className={signedOut ? '' : 'flex flex-1 flex-col'}>
        <ErrorBoundary key={pathname}>
          <Opening value={key === opened}>
            <Suspense fallback={<OneMoment />}>
              <KnownHere>
                <Outlet key={generation} />
              </KnownHere>
            </Suspense>
          </Opening>
        </ErrorBoundary>
      </main>
    </div>
  );
}

/** The name of the app over the day that is worked on: both lead to it. */
function Brand() {
  const link = useDayLink();
  const read = useDay();
  const day = read.state === 'ready' ? read.value.day : undefined;
  return (
    <Link
      to={link('/today')}
      className="mr-auto w-36 min-w-0 leading-tight xl:w-52 text-ink no-underline max-sm:w-0 max-sm:min-w-26 max-sm:flex-1 lg:mr-0"
    >
      <span className="block truncate text-xl font-bold tracking-tight">Wren Lane</span>{' '}
      <span className="block min-h-[1.25em] truncate text-sm text-soft" title={day?.title}>
        {day && `${shortDate(day.date)} · ${day.title}`}
      </span>
    </Link>
  );
}

/** Whether a key belongs to the control that has the focus. */
function inControl(target: EventTarget | null): boolean {
  return target instanceof Element && target.closest(CONTROLS) !== null;
}

const CONTROLS =
  'input, textarea, select, button, summary, [contenteditable], [tabindex], [role=slider], [role=dialog], [role=alertdialog]';

function useShortcuts(toggleList: () => void) {
  const navigate = useNavigate();
  const link = useDayLink();
  const { keys } = usePreferences();
  useEffect(() => {
    if (!keys) return;
    const onKey = (e: KeyboardEvent) => {
      if (inControl(e.target) || e.ctrlKey || e.metaKey || e.altKey) return;
      const stop = STOPS[Number(e.key) - 1];
      if (e.key === '?') toggleList();
      else if (stop !== undefined) void navigate(link(stop.path));
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
