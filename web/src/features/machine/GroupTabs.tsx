import { StopTabs } from '../day';

const TABS = [
  { path: '/machines', name: 'Machines' },
  { path: '/riders', name: 'Riders' },
] as const;

/** Machines and riders share a stop of the lane. */
export function GroupTabs({ here }: { here: 'machines' | 'riders' }) {
  return <StopTabs tabs={TABS} here={`/${here}`} />;
}
