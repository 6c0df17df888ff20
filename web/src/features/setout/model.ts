import type { SetOut } from './api';

/** What is set down, in words. */
export const SORTS: Record<SetOut['sheet']['steps'][number]['cone']['sort'], string> = {
  TALL: 'tall cone',
  FLAT: 'flat marker',
};
