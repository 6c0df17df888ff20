import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { usePreferences } from '../../shared/units';
import { briefingOf } from './api';
import { wayFrom, type Stop, type Way } from './stops';
import { useDay, useDayLink } from './useDay';

/**
 * Goes where the day goes on from a stop, once what was done there is stored: asked anew, for it has just changed.
 *
 * @param leaving said just before the page is left
 */
export function useGoOn(leaving: () => void) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const link = useDayLink();
  const { system } = usePreferences();
  const read = useDay();
  const shown = read.state === 'ready' ? read.value.day?.id : undefined;
  return async (here: Stop, { own, dayId = shown }: { own?: Way; dayId?: number | undefined } = {}) => {
    const briefing =
      dayId === undefined
        ? undefined
        : await client.fetchQuery({ ...briefingOf(dayId, system), staleTime: 0 });
    const way = wayFrom(briefing, here, own);
    if (way === undefined) return;
    leaving();
    await navigate(link(way.path));
  };
}
