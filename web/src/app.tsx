import { notifyManager, QueryClientProvider } from '@tanstack/react-query';
import { lazy, startTransition, StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider, type RouteObject } from 'react-router';
import { ALL_DAYS } from './features/day';
import { Frame } from './frame/Frame';
import { NoSuchPage } from './frame/NoSuchPage';
import { atRest, gathered, KeepingUp, Problem } from './shared/http';
import { ToastProvider } from './shared/ui';
import { PreferencesProvider } from './shared/units';
import { installWorker } from './worker';
import './styles.css';

// The one place that enters a room by its page: what others share of it is behind its index, and brings no page along.
const Today = lazy(() => import('./features/today/TodayPage'));
const Yard = lazy(() => import('./features/yard/YardPage'));
const Machines = lazy(() => import('./features/machine/MachinesPage'));
const Riders = lazy(() => import('./features/rider/RidersPage'));
const Course = lazy(() => import('./features/course/CoursePage'));
const SetOut = lazy(() => import('./features/setout/SetOutPage'));
const Lesson = lazy(() => import('./features/lesson/LessonPage'));
const Range = lazy(() => import('./features/run/RangePage'));
const Progress = lazy(() => import('./features/progress/ProgressPage'));
const Phone = lazy(() => import('./features/phone/PhonePage'));
const RunFiles = lazy(() => import('./features/runfile/RunFilesPage'));
const RunLog = lazy(() => import('./features/run/LogPage'));
const Debrief = lazy(() => import('./features/progress/DebriefPage'));
const Group = lazy(() => import('./features/progress/GroupPage'));

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

const ROUTES: RouteObject[] = [
  {
    element: <Frame />,
    children: [
      { path: '/', element: <Navigate to="/today" replace /> },
      { path: '/today', element: <Today /> },
      { path: '/yard/:id?', element: <Yard /> },
      { path: '/machines/:id?', element: <Machines /> },
      { path: '/riders/:id?', element: <Riders /> },
      { path: '/course/:id?', element: <Course /> },
      { path: '/set-out/:id?', element: <SetOut /> },
      { path: '/lesson', element: <Lesson here="order" /> },
      { path: '/lesson/drills/:drillId?', element: <Lesson here="drills" /> },
      { path: '/lesson/check', element: <Lesson here="check" /> },
      { path: '/lesson/methods', element: <Lesson here="methods" /> },
      { path: '/lesson/causes', element: <Lesson here="causes" /> },
      { path: '/range/log', element: <RunLog /> },
      { path: '/range/files', element: <RunFiles /> },
      { path: '/range/:riderId?', element: <Range /> },
      { path: '/progress/group', element: <Group /> },
      { path: '/progress/debrief', element: <Debrief /> },
      { path: '/progress/:riderId?', element: <Progress /> },
      { path: '/phone', element: <Phone /> },
      { path: '*', element: <NoSuchPage /> },
    ],
  },
];

/** Opens the app, step by step: in one go a phone would stand still for long enough to be noticed. */
const OPENING = [
  () => void client.prefetchQuery(ALL_DAYS),
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
