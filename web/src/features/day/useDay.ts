import { useSearchParams } from 'react-router';
import { useDays, type Day } from './api';
import { chosenDay, todayIso } from './model';
import { useReading, type Loaded } from '../../shared/http';

/** The day being worked on: it stands in the address, so that reload and back work. */
export function useDay(): Loaded<{ day: Day | undefined; days: Day[] }> {
  const [params] = useSearchParams();
  const days = useReading(useDays());
  if (days.state !== 'ready') return days;
  return {
    state: 'ready',
    value: { day: chosenDay(days.value, params.get('day'), todayIso(new Date())), days: days.value },
  };
}

/** An address that keeps the chosen day. */
export function useDayLink(): (path: string) => string {
  const [params] = useSearchParams();
  const day = params.get('day');
  return (path) => (day === null ? path : `${path}${path.includes('?') ? '&' : '?'}day=${day}`);
}
