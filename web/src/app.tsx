import { notifyManager, QueryClientProvider } from '@tanstack/react-query';
import { lazy, startTransition, StrictMode, type ComponentType } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider, type RouteObject } from 'react-router';
import { NEWEST_DAYS } from './features/day';
import { Frame } from './frame/Frame';
import { NoSuchPage } from './frame/NoSuchPage';
import { PAGES, type PageRoute } from './routes';
import { atRest, gathered, KeepingUp, Problem } from './shared/http';
import { ToastProvider } from './shared/ui';
import { PreferencesProvider } from './shared/units';
import { installWorker } from './worker';
import './styles.css';

// The one place that enters a feature by its pages: what others share of it is behind its index, and brings no page along.
const FILES = import.meta.glob<{ default: ComponentType<{ here?: string }> }>('./features/*/*Page.tsx');

const FRAME_MS = 16;

const client = new KeepingUp({
  defaultOptions: {
    // The server may run on this very machine: whatever the browser thinks of the network, asking tells.
    // What was read stays as long as the page is open: out of reach of the server there is nothing later.
    queries: {
      networkMode: 'always',
      // Where too much is calculated just now, a moment later there is room: nobody has to press for that.
      retry: (failures, e) => failures < (e instanceof Problem && e.busy ? 5 : 1),
      refetchOnWindowFocus: false,
      staleTime: 2000,
      gcTime: Infinity,
    },
    mutations: { networkMode: 'always' },
  },
});

// A page asks a dozen questions at once: what is answered within a frame is drawn once.
notifyManager.setScheduler(gathered(FRAME_MS));

/** The code of each file is one component, whichever of its views is shown. */
const COMPONENTS = new Map<string, ComponentType<{ here?: string }>>(
  PAGES.map(({ code }) => {
    const load = FILES[`./features/${code}.tsx`];
    if (load === undefined) throw new Error(`no page is in features/${code}.tsx`);
    return [code, lazy(load)];
  }),
);

function pageRoute({ path, code, here }: PageRoute): RouteObject {
  const Page = COMPONENTS.get(code);
  return { path, element: Page && <Page {...(here !== undefined && { here })} /> };
}

const ROUTES: RouteObject[] = [
  {
    element: <Frame />,
    children: [
      { path: '/', element: <Navigate to="/today" replace /> },
      ...PAGES.map(pageRoute),
      { path: '*', element: <NoSuchPage /> },
    ],
  },
];

/** Opens the app, step by step: in one go a phone would stand still for long enough to be noticed. */
const OPENING = [
  () => void client.prefetchInfiniteQuery(NEWEST_DAYS),
  () => begin(createBrowserRouter(ROUTES)),
  () => void installWorker(atRest(client)),
];

function begin(router: ReturnType<typeof createBrowserRouter>) {
  const root = document.getElementById('root');
  if (root === null) throw new Error('index.html has no #root');
  // In slices, between which what has come from the server is taken in.
  startTransition(() =>
    createRoot(root).render(
      <StrictMode>
        <QueryClientProvider client={client}>
          <PreferencesProvider>
            <ToastProvider>
              {/* A page is there as soon as it is asked for: what is typed or pressed next is meant for it, not for the last. */}
              <RouterProvider router={router} useTransitions={false} />
            </ToastProvider>
          </PreferencesProvider>
        </QueryClientProvider>
      </StrictMode>,
    ),
  );
}

OPENING.forEach((step) => setTimeout(step, 0));
