import { counted } from '../../shared/ui';
import type { ChangeOver } from './api';
import { SORTS } from './model';

export type Move = ChangeOver['steps'][number];

export const keyOf = (s: Move, i: number) => `${i}.${s.doing}${s.fromLabel}>${s.toLabel}`;

/** What has to be done, in the order it is walked; cones that stay are not among it. */
export const toDo = (change: ChangeOver) => change.steps.filter((s) => s.doing !== 'STAYS');

type Cones = Move['inHand'];

/** Cones in words, such as "2 tall cones, 1 flat marker". */
export function conesText({ tall, flat }: Cones): string {
  const some = [
    { n: tall, one: SORTS.TALL },
    { n: flat, one: SORTS.FLAT },
  ].filter((part) => part.n > 0);
  return some.length === 0 ? 'nothing' : some.map(({ n, one }) => counted(n, one)).join(', ');
}

/** What is done at the stack, in words: some cones may be taken while others are put back. */
export function atStackText({ tall, flat }: Cones): string {
  const taken = { tall: Math.max(0, tall), flat: Math.max(0, flat) };
  const put = { tall: Math.max(0, -tall), flat: Math.max(0, -flat) };
  return [
    ...(put.tall + put.flat > 0 ? [`put ${conesText(put)} on the stack`] : []),
    ...(taken.tall + taken.flat > 0 ? [`take ${conesText(taken)} from the stack`] : []),
  ].join(', ');
}
