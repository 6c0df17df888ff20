import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Frame } from './frame/Frame';
import { NoSuchPage } from './frame/NoSuchPage';
import { ToastProvider } from './shared/ui';
import { PreferencesProvider } from './shared/units';
import { installWorker } from './worker';
import './styles.css';

const Today = lazy(() => import('./features/today'));
const Yard = lazy(() => import('./features/yard'));
const Machines = lazy(() => import('./features/machine'));
const Riders = lazy(() => import('./features/rider'));
const Course = lazy(() => import('./features/course'));
const SetOut = lazy(() => import('./features/setout'));
const Lesson = lazy(() => import('./features/lesson'));
const Range = lazy(() => import('./features/run'));
const Phone = lazy(() => import('./features/phone'));
const RunFiles = lazy(() => import('./features/runfile').then((f) => ({ default: f.RunFilesPage })));
const RunLog = lazy(() => import('./features/run').then((run) => ({ default: run.LogPage })));
const Debrief = lazy(() =>
  import('./features/progress').then((progress) => ({ default: progress.DebriefPage })),
);
const Group = lazy(() => import('./features/progress').then((progress) => ({ default: progress.GroupPage })));
const Progress = lazy(() => import('./features/progress'));

const client = new QueryClient({
  defaultOptions: {
    // The server may run on this very machine: whatever the browser thinks of the network, asking tells.
    // What was read stays as long as the page is open: out of reach of the server there is nothing later.
    queries: {
      networkMode: 'always',
      retry: 1,
      refetchOnWindowFocus: false,
      staleTime: 2000,
      gcTime: Infinity,
    },
    mutations: { networkMode: 'always' },
  },
});

const router = createBrowserRouter([
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
]);

const root = document.getElementById('root');
if (root === null) throw new Error('index.html has no #root');
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
);

installWorker();
