import { conesText } from '../../shared/ui';
import type { Changeover } from './api';

export type Move = Changeover['steps'][number];

export const keyOf = (s: Move, i: number) => `${i}.${s.doing}${s.fromLabel}>${s.toLabel}`;

/** What has to be done, in the order it is walked; cones that stay are not among it. */
export const toDo = (change: Changeover) => change.steps.filter((s) => s.doing !== 'STAYS');

type Counts = Move['inHand'];

/** How many there are, of whatever marker. */
export const inAll = (counts: Counts): number => counts.reduce((sum, c) => sum + c.count, 0);

/** What is done at the stack, in words: some cones may be taken while others are put back. */
export function atStackText(change: Counts): string {
  const put = change.filter((c) => c.count < 0).map((c) => ({ ...c, count: -c.count }));
  const taken = change.filter((c) => c.count > 0);
  return [
    ...(put.length > 0 ? [`put ${conesText(put)} on the stack`] : []),
    ...(taken.length > 0 ? [`take ${conesText(taken)} from the stack`] : []),
  ].join(', ');
}
