import { useSay } from '../../shared/ui';
import { useSaveDay, type Day, type DayRequest } from './api';
import { changed } from './model';

/** Changes some of a stored day and says so, also where the page that asked is left before the answer comes. */
export function useChangeDay() {
  const save = useSaveDay();
  const say = useSay();
  return {
    changing: save.isPending,
    change: (day: Day, some: Partial<DayRequest>, said: string): Promise<void> =>
      save
        .mutateAsync({ stored: day, day: changed(day, some) })
        .then(() => say.done(said))
        .catch(say.failed),
  };
}
