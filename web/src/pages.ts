// The one place that enters a room by its page: what others share of it is behind its index, and brings no page along.
export const PAGES = {
  today: () => import('./features/today/TodayPage'),
  yard: () => import('./features/yard/YardPage'),
  machines: () => import('./features/machine/MachinesPage'),
  riders: () => import('./features/rider/RidersPage'),
  course: () => import('./features/course/CoursePage'),
  'set-out': () => import('./features/setout/SetOutPage'),
  lesson: () => import('./features/lesson/LessonPage'),
  range: () => import('./features/run/RangePage'),
  progress: () => import('./features/progress/ProgressPage'),
  phone: () => import('./features/phone/PhonePage'),
};

/** The page that a path opens, where it is one of these. */
export function pageAt(path: string): (() => Promise<unknown>) | undefined {
  const [, opened] = path.split('/');
  // Nothing leads to today.
  const name = opened === '' ? 'today' : opened;
  return name !== undefined && isPage(name) ? PAGES[name] : undefined;
}

function isPage(name: string): name is keyof typeof PAGES {
  return Object.hasOwn(PAGES, name);
}
