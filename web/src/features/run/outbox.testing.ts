import type { RunRequest } from './api';
import { dismissRefused, firstWaiting, letGoOfSent, markSent } from './outboxStore';

/** A run like any other, for tests. */
export const run: RunRequest = {
  dayId: 1,
  riderId: 2,
  machineId: 3,
  courseId: 4,
  side: 'LEFT',
  settingMetres: 7.2,
  faults: [],
  loggedAt: '2026-05-14T09:00:00Z',
};

/** Nothing kept, as in a browser that has never been here. */
export async function emptied() {
  localStorage.clear();
  for (let first = await firstWaiting(); first; first = await firstWaiting())
    await markSent(first.place, first.entry);
  await letGoOfSent(Infinity);
  await dismissRefused();
}
