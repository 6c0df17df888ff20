import { DrillLinks } from '../drill';
import type { BackTo } from './api';

/** Which drill to go back to where a step is too much, and what is likely behind it. */
export function GoBack({ back, riderId }: { back: BackTo; riderId: number }) {
  const [first] = back.drills;
  if (first === undefined) return null;
  return (
    <span className="block">
      Or back to <DrillLinks ids={[first]} riderId={riderId} />; likely: {back.likely}.
    </span>
  );
}
