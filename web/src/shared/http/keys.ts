type Scope = 'fixed' | 'stored' | 'runs';

/** Makes keys of one name; with fewer parts a key stands for all that begin with them. */
const named =
  (scope: Scope, name: string) =>
  (...of: unknown[]) =>
    [scope, name, ...of] as const;

/**
 * Under which key each answer of the server is kept. The first word is what an answer changes with: never while the app is
 * open (`fixed`), with anything stored (`stored`), or with runs and the state of the lesson (`runs`).
 */
export const keys = {
  /** Ships with the app, or follows from the question alone. */
  courseKinds: named('fixed', 'course-kinds'),
  kindPlans: named('fixed', 'kind-plans'),
  edgeMarkings: named('fixed', 'edge-markings'),
  machineClasses: named('fixed', 'machine-classes'),
  turnReport: named('fixed', 'turn-report'),
  riderOptions: named('fixed', 'rider-options'),
  survey: named('fixed', 'survey'),
  usualGround: named('fixed', 'usual-ground'),
  square: named('fixed', 'square'),
  teachingOptions: named('fixed', 'teaching-options'),

  about: named('stored', 'about'),
  aim: named('stored', 'aim'),
  briefing: named('stored', 'briefing'),
  calculation: named('stored', 'calculation'),
  causes: named('stored', 'causes'),
  chances: named('stored', 'chances'),
  changeover: named('stored', 'changeover'),
  clutchHeat: named('stored', 'clutch-heat'),
  copies: named('stored', 'copies'),
  courses: named('stored', 'courses'),
  dayOrder: named('stored', 'day-order'),
  day: named('stored', 'day'),
  days: named('stored', 'days'),
  devices: named('stored', 'devices'),
  drills: named('stored', 'drills'),
  drillsOfDay: named('stored', 'drills-of-day'),
  drillMastery: named('stored', 'drill-mastery'),
  kit: named('stored', 'kit'),
  lesson: named('stored', 'lesson'),
  lessonTemplates: named('stored', 'lesson-templates'),
  machines: named('stored', 'machines'),
  mistakesMade: named('stored', 'mistakes-made'),
  moveCost: named('stored', 'move-cost'),
  network: named('stored', 'network'),
  opinion: named('stored', 'opinion'),
  practised: named('stored', 'practised'),
  rangeCheck: named('stored', 'range-check'),
  riders: named('stored', 'riders'),
  setup: named('stored', 'setup'),
  sharedCones: named('stored', 'shared-cones'),
  daySizes: named('stored', 'day-sizes'),
  teaching: named('stored', 'teaching'),
  teachingChanges: named('stored', 'teaching-changes'),
  ticks: named('stored', 'ticks'),
  yards: named('stored', 'yards'),

  compared: named('runs', 'compared'),
  debrief: named('runs', 'debrief'),
  goal: named('runs', 'goal'),
  group: named('runs', 'group'),
  progress: named('runs', 'progress'),
  range: named('runs', 'range'),
  rangeOfDrill: named('runs', 'range-of-drill'),
  records: named('runs', 'records'),
  ridden: named('runs', 'ridden'),
  running: named('runs', 'running'),
  runLog: named('runs', 'run-log'),
  stopRules: named('runs', 'stop-rules'),
};

/** What anything stored may have changed. */
const STORED: readonly unknown[] = ['stored', 'runs'];

/** Of a query whose answer anything stored may have changed. */
export const ofStored = ({ queryKey }: { queryKey: readonly unknown[] }) => STORED.includes(queryKey[0]);

/** Of a query that tells of runs, or of how far the lesson is. */
export const ofRuns = ({ queryKey }: { queryKey: readonly unknown[] }) => queryKey[0] === 'runs';
