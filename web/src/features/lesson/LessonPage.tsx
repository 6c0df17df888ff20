import { CausesPage } from '../cause';
import { DrillsPage } from '../drill';
import { TeachingPage } from '../teaching';
import { CheckPage } from './CheckPage';
import { LessonTabs, type LessonTab } from './LessonTabs';
import { RunningOrder } from './RunningOrder';

/** What is practised, in which order, and how it is taught. */
export default function LessonPage({ here }: { here: LessonTab }) {
  return (
    <div className="flex flex-1 flex-col">
      <LessonTabs here={here} />
      {here === 'order' && <RunningOrder />}
      {here === 'check' && <CheckPage />}
      {here === 'drills' && <DrillsPage />}
      {here === 'methods' && <TeachingPage />}
      {here === 'causes' && <CausesPage />}
    </div>
  );
}
