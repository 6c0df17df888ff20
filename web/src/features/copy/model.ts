import { decimals } from '../../shared/units';
import type { Copy } from './api';
import { counted } from '../../shared/ui';

/** What kept a copy, by how its name begins. */
const REASONS: [string, string][] = [
  ['night', 'of the night'],
  ['kept', 'kept by hand'],
  ['brought', 'brought from a file'],
  ['before-restoring', 'before a copy was restored'],
  ['before-version', 'before a newer version changed it'],
  ['damaged', 'put aside as damaged'],
];

/** Why a copy was kept, in words. */
export function reasonOf(name: string): string {
  return REASONS.find(([start]) => name.startsWith(start))?.[1] ?? 'copy';
}

/** What is in a copy, in words. */
export function contentText(copy: Copy): string {
  const { riders, days, runs } = copy.content;
  return [counted(days, 'day'), counted(riders, 'rider'), counted(runs, 'run')].join(', ');
}

/** Its size, in words. */
export function sizeText(bytes: number): string {
  return bytes < 1e6 ? `${Math.ceil(bytes / 1000)} kB` : `${decimals(bytes / 1e6, 1)} MB`;
}

/** When it was written, by the calendar and clock of this device. */
export function writtenText(copy: Copy): string {
  const at = new Date(copy.writtenAt);
  const date = at.toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
  return `${date}, ${at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })}`;
}
