import type { RiderRequest } from './api';

/** What somebody is taken for until more is said of them. */
export const NEW_RIDER: RiderRequest = { name: '', level: 'NOVICE', school: 'CLUTCH_FIRST', notes: '' };
