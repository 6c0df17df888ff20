import { StopTabs } from '../day';

const PATHS = {
  order: '/lesson',
  check: '/lesson/check',
  drills: '/lesson/drills',
  methods: '/lesson/methods',
  causes: '/lesson/causes',
} as const;

const TABS = [
  { path: PATHS.order, name: 'Lesson plan' },
  { path: PATHS.check, name: 'Check' },
  { path: PATHS.drills, name: 'Drills' },
  { path: PATHS.methods, name: 'Methods' },
  { path: PATHS.causes, name: 'Causes' },
] as const;

export type LessonTab = keyof typeof PATHS;

/** The lesson plan, the check, the drills and the riding methods share a stop of the lane. */
export function LessonTabs({ here }: { here: LessonTab }) {
  return <StopTabs tabs={TABS} here={PATHS[here]} />;
}
