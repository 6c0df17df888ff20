import { useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { useCourses, type Course } from '../course';
import { useDay, type Day } from '../day';
import { saidAt } from '../sizes';
import { atRest, overNetwork, useReading } from '../../shared/http';
import { usePreferences, type LengthSystem } from '../../shared/units';
import { useOpensAlone, whenServed } from '../../worker';
import { changeoverQuery, sharedConesQuery, sheetQuery } from './api';
import { changeOf, sheetOf } from './requests';
import { stackHolds } from './useStack';

/** How far this device holds the day's set-up sheets for where the server is out of reach. */
export type Pocket = 'empty' | 'filling' | 'ready';

let pocket: Pocket = 'empty';
const listeners = new Set<() => void>();

function become(next: Pocket) {
  pocket = next;
  listeners.forEach((tell) => tell());
}

function subscribe(tell: () => void) {
  listeners.add(tell);
  return () => listeners.delete(tell);
}

/** How far the day is in the pocket. */
export function usePocket(): Pocket {
  return useSyncExternalStore(subscribe, () => pocket);
}

/** All that the set-up of a day reads: what every page begins with, each course's sheet, and each changeover. */
export async function fill(client: QueryClient, day: Day, courses: Course[], system: LengthSystem) {
  for (const path of ['days', 'about', 'yards', 'courses', 'machines', 'riders', 'course-kinds']) {
    await fetch(`/api/${path}`);
  }
  const ofDay = day.courseIds.flatMap((id) => courses.find((c) => c.id === id) ?? []);
  if (day.stands.length > 1) await client.fetchQuery(sharedConesQuery(day));
  for (const course of ofDay) {
    await client.fetchQuery(sheetQuery(sheetOf(course, day, { system })));
    for (const other of ofDay.filter((o) => o.id !== course.id)) {
      const to = { course: other, activeSizes: saidAt(day, other.id) };
      await client.fetchQuery(changeoverQuery(changeOf(course, to, day, { system }, stackHolds())));
    }
  }
}

/** Whether this is a device that goes into the yard: one of the network, or one with a small screen. */
function isCarried(): boolean {
  return overNetwork() || window.matchMedia('(width < 64rem)').matches;
}

/** Fills the pocket once the page that is looked at is at rest, and anew when the day or its courses change. */
export function FillPocket() {
  const client = useQueryClient();
  const { system } = usePreferences();
  const opens = useOpensAlone() === true && isCarried();
  const ofDay = useDay();
  const read = useReading(useCourses());
  const day = ofDay.state === 'ready' ? ofDay.value.day : undefined;
  const courses = read.state === 'ready' ? read.value : undefined;
  useEffect(() => {
    if (!opens || day === undefined || courses === undefined) return undefined;
    let wanted = true;
    become('filling');
    whenServed()
      .then(async ({ fromTheFirst }) => {
        await atRest(client);
        // What was read before the worker answered is not kept yet.
        if (wanted && !fromTheFirst) await client.refetchQueries({ type: 'active' });
        if (wanted) await fill(client, day, courses, system);
      })
      .then(() => wanted && become('ready'))
      // Out of reach: what was kept before is still there, but nobody knows whether it is all.
      .catch(() => wanted && become('empty'));
    return () => {
      wanted = false;
    };
  }, [client, day, courses, system, opens]);
  return null;
}
