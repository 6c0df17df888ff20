import type { ReactNode } from 'react';
import { useDay } from '../features/day';
import { KnownContext } from '../features/length';
import { useYards } from '../features/yard';

/** Makes the pace and bay of the day's yard known to every length field inside. */
export function KnownHere({ children }: { children: ReactNode }) {
  const day = useDay();
  const yards = useYards();
  const yardId = day.state === 'ready' ? day.value.day?.yardId : undefined;
  const yard = yards.data?.find((y) => y.id === yardId);
  const known = { ...(yard?.pace && { pace: yard.pace }), ...(yard?.bay && { bay: yard.bay }) };
  return <KnownContext value={known}>{children}</KnownContext>;
}
