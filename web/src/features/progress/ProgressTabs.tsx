import { StopTabs } from '../day';

const PATHS = { rider: '/progress', group: '/progress/group', debrief: '/progress/debrief' } as const;

const TABS = [
  { path: PATHS.rider, name: 'Each rider' },
  { path: PATHS.group, name: 'Group' },
  { path: PATHS.debrief, name: 'Debrief' },
] as const;

/** Each rider over all days, the group of the day, and its debrief share a stop of the lane. */
export function ProgressTabs({ here }: { here: keyof typeof PATHS }) {
  return <StopTabs tabs={TABS} here={PATHS[here]} />;
}
