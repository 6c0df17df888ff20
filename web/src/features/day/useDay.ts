import { useSearchParams } from 'react-router';
import { useDays, useOlderDay, type Day } from './api';
import { chosenDay, todayIso } from './model';
import { useReading, type Loaded } from '../../shared/http';

/** The day being worked on, and those it is chosen from. */
export interface ChosenDay {
  day: Day | undefined;
  /** The newest first. */
  days: Day[];
  /** Reads days before those; missing where there are none. */
  readOlder?: () => void;
}

/** The day being worked on: it stands in the address, so that reload and back work. */
export function useDay(): Loaded<ChosenDay> {
  const [params] = useSearchParams();
  const query = useDays();
  const days = useReading(query);
  const asked = params.get('day');
  const isOlder =
    days.state === 'ready' && Number(asked) > 0 && !days.value.some((d) => String(d.id) === asked);
  const older = useReading(useOlderDay(isOlder ? Number(asked) : undefined));
  if (days.state !== 'ready') return days;
  if (isOlder && older.state === 'loading') return older;
  const day = older.state === 'ready' ? older.value : chosenDay(days.value, asked, todayIso(new Date()));
  return {
    state: 'ready',
    value: {
      day,
      days: days.value,
      ...(query.hasNextPage && { readOlder: () => void query.fetchNextPage() }),
    },
  };
}

/** An address that keeps the chosen day. */
export function useDayLink(): (path: string) => string {
  const [params] = useSearchParams();
  const day = params.get('day');
  return (path) => (day === null ? path : `${path}${path.includes('?') ? '&' : '?'}day=${day}`);
}
