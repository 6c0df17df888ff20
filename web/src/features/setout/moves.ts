import type { ChangeOver } from './api';

export type Move = ChangeOver['steps'][number];

export const keyOf = (s: Move) => `${s.sort}${s.fromLabel}>${s.toLabel}`;

/** What has to be done, in the order of its numbers; cones that stay have none. */
export const toDo = (change: ChangeOver) => change.steps.filter((s) => s.doing !== 'STAYS');
