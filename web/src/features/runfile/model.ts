import type { Column, Preview } from './api';
import { counted } from '../../shared/ui';

/** What a column may say, in the order a person reads a run. */
export const COLUMNS: readonly { column: Column; label: string; needed: boolean }[] = [
  { column: 'DATE', label: 'Date', needed: true },
  { column: 'TIME', label: 'Time', needed: false },
  { column: 'RIDER', label: 'Rider', needed: true },
  { column: 'MACHINE', label: 'Machine', needed: false },
  { column: 'COURSE', label: 'Course', needed: true },
  { column: 'SIDE', label: 'Side', needed: true },
  { column: 'SETTING', label: 'Setting', needed: true },
  { column: 'OUTCOME', label: 'Outcome', needed: true },
  { column: 'SECONDS', label: 'Seconds', needed: false },
  { column: 'NOTE', label: 'Note', needed: false },
  { column: 'SORT', label: 'Sort', needed: false },
  { column: 'MINUTES', label: 'Minutes', needed: false },
  { column: 'LAPS', label: 'Laps', needed: false },
  { column: 'SIMULATED', label: 'Simulated', needed: false },
  { column: 'ID', label: 'Id', needed: false },
];

/** The columns as they are taken, with one of them said by another heading; none takes it away. */
export function mapped(before: Preview['columns'], column: Column, heading: string): Preview['columns'] {
  const { [column]: _before, ...others } = before;
  return heading === '' ? others : { ...others, [column]: heading };
}

/** What would come in, in words. */
export function addsText(preview: Preview): string {
  const adds = `${counted(preview.adds, 'run')} of ${counted(preview.lines, 'line')} would come in`;
  const already = preview.already === 0 ? '' : `; ${counted(preview.already, 'run')} came in before`;
  const days =
    preview.newDays.length === 0 ? '' : `; ${counted(preview.newDays.length, 'day')} would be made`;
  return `${adds}${already}${days}.`;
}
