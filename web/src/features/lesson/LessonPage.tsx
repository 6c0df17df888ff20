import { CausesTab } from '../cause';
import { DrillsTab } from '../drill';
import { TeachingPage } from '../teaching';
import { CheckTab } from './CheckTab';
import { LessonTabs, type LessonTab } from './LessonTabs';
import { RunningOrder } from './RunningOrder';

/** What is practised, in which order, and how it is taught. */
export default function LessonPage({ here }: { here: LessonTab }) {
  return (
    <div className="flex flex-1 flex-col">
      <LessonTabs here={here} />
      {here === 'order' && <RunningOrder />}
      {here === 'check' && <CheckTab />}
      {here === 'drills' && <DrillsTab />}
      {here === 'methods' && <TeachingPage />}
      {here === 'causes' && <CausesTab />}
    </div>
  );
}
