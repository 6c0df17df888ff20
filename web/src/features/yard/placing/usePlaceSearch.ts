import { useRef, useState } from 'react';
import { useLasting } from '../../../shared/http';
import { useSay } from '../../../shared/ui';
import { useFindPlaces, type GroundPlan } from '../api';
import { UNPLACED } from './Unsafe';
import type { Places, usePlaces } from './usePlaces';

/** Looks for places of courses that have none. */
export function usePlaceSearch(
  requestFor: ReturnType<typeof usePlaces>['requestFor'],
  onFound: (places: Places) => void,
) {
  const find = useFindPlaces();
  const say = useSay();
  const asking = useRef<AbortController>(undefined);
  /** What was found for courses without a place. */
  const [unplaced, setUnplaced] = useState<GroundPlan['findings']>([]);
  const search = (kept: Places) => {
    const stop = (asking.current = new AbortController());
    find.mutate(
      { request: requestFor(kept), signal: stop.signal },
      {
        onSuccess: (found) => {
          onFound(Object.fromEntries(found.courses.map((c) => [c.courseId, c.stand])));
          setUnplaced(found.findings.filter((f) => UNPLACED.includes(f.code)));
        },
        onError: (e) => !stop.signal.aborted && say.failed(e),
      },
    );
  };
  return {
    searching: find.isPending,
    slow: useLasting(find.isPending),
    unplaced,
    search,
    stop: () => asking.current?.abort(),
    /** A course was moved by hand: what was said of those without a place holds no more. */
    forget: () => setUnplaced([]),
  };
}
