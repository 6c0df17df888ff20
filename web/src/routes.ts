/** What every page reads. */
const EVERY = ['/api/days', '/api/about', '/api/yards'];

/** A page of the app. */
export interface PageRoute {
  /** Its address, in the router's notation. */
  path: string;
  /** What the browser calls it. */
  title: string;
  /** Its file in `features`, without the ending. */
  code: string;
  /** Which view of that file it is. */
  here?: string;
  /** The step of the working day it belongs to; a step leads to the first of its pages. */
  step?: string;
  /**
   * What it asks the server for as soon as it is opened, fetched beside its code. The build writes an HTML file for each page
   * that has this, and the server answers every address that begins with the same word with it.
   */
  reads?: readonly string[];
  /** Addresses on the demo day that the browser tests visit. */
  examples: readonly string[];
}

/**
 * The pages of the app, in the order of the working day. The router, the lane of steps, titles, what is fetched ahead, the
 * server's addresses and the browser tests are all made from this table.
 */
export const PAGES = [
  {
    path: '/today',
    title: 'Today',
    code: 'today/TodayPage',
    step: 'TODAY',
    reads: [...EVERY, '/api/courses', '/api/course-kinds'],
    examples: ['/today', '/today?day=new'],
  },
  {
    path: '/yard/:id?',
    title: 'Yard',
    code: 'yard/YardPage',
    step: 'YARD',
    reads: [...EVERY, '/api/courses'],
    examples: ['/yard', '/yard?view=courses'],
  },
  {
    path: '/machines/:id?',
    title: 'Machines',
    code: 'machine/MachinesPage',
    step: 'MACHINES',
    reads: [...EVERY, '/api/machines', '/api/machine-classes'],
    examples: ['/machines/4', '/machines/new'],
  },
  {
    path: '/riders/:id?',
    title: 'Riders',
    code: 'rider/RidersPage',
    step: 'MACHINES',
    reads: [...EVERY, '/api/riders', '/api/machines'],
    examples: ['/riders'],
  },
  {
    path: '/course/:id?',
    title: 'Course',
    code: 'course/CoursePage',
    step: 'COURSE',
    reads: [...EVERY, '/api/courses', '/api/machines', '/api/riders', '/api/course-kinds'],
    examples: ['/course', '/course/3', '/course/new'],
  },
  {
    path: '/setup/:id?',
    title: 'Set up',
    code: 'setup/SetupPage',
    step: 'SETUP',
    reads: [...EVERY, '/api/courses', '/api/machines', '/api/riders'],
    examples: ['/setup'],
  },
  {
    path: '/lesson',
    title: 'Lesson',
    code: 'lesson/LessonPage',
    here: 'order',
    step: 'LESSON',
    reads: EVERY,
    examples: ['/lesson'],
  },
  {
    path: '/lesson/drills/:drillId?',
    title: 'Drills',
    code: 'lesson/LessonPage',
    here: 'drills',
    step: 'LESSON',
    examples: ['/lesson/drills/u-turn-rolling'],
  },
  {
    path: '/lesson/check',
    title: 'Safety check',
    code: 'lesson/LessonPage',
    here: 'check',
    step: 'LESSON',
    examples: ['/lesson/check'],
  },
  {
    path: '/lesson/methods',
    title: 'Methods',
    code: 'lesson/LessonPage',
    here: 'methods',
    step: 'LESSON',
    examples: ['/lesson/methods'],
  },
  {
    path: '/lesson/causes',
    title: 'Causes',
    code: 'lesson/LessonPage',
    here: 'causes',
    step: 'LESSON',
    examples: ['/lesson/causes'],
  },
  {
    path: '/range/:riderId?',
    title: 'Range',
    code: 'run/RangePage',
    step: 'RANGE',
    reads: [...EVERY, '/api/courses', '/api/machines', '/api/riders', '/api/course-kinds'],
    examples: ['/range/2'],
  },
  {
    path: '/range/log',
    title: 'Run log',
    code: 'run/LogPage',
    step: 'RANGE',
    examples: ['/range/log?day=4'],
  },
  {
    path: '/range/files',
    title: 'Run files',
    code: 'runfile/RunFilesPage',
    step: 'RANGE',
    examples: ['/range/files'],
  },
  {
    path: '/progress/:riderId?',
    title: 'Progress',
    code: 'progress/ProgressPage',
    step: 'PROGRESS',
    reads: [...EVERY, '/api/riders'],
    examples: ['/progress/2'],
  },
  {
    path: '/progress/group',
    title: 'Group',
    code: 'progress/GroupPage',
    step: 'PROGRESS',
    examples: ['/progress/group'],
  },
  {
    path: '/progress/debrief',
    title: 'Debrief',
    code: 'progress/DebriefPage',
    step: 'PROGRESS',
    examples: ['/progress/debrief?day=4'],
  },
  { path: '/phone', title: 'Phones', code: 'phone/PhonePage', reads: EVERY, examples: ['/phone'] },
] as const satisfies readonly PageRoute[];

/** The first word of an address. */
export function wordOf(path: string): string {
  return path.split('/')[1] ?? '';
}
