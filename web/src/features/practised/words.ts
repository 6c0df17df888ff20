import type { Counted, PracticeRequest } from './api';

/** What was counted, in words; lengths as they are read. */
export function countedText(practice: PracticeRequest, length: (metres: number) => string): string {
  const sides = [
    { word: 'left', of: practice.left },
    { word: 'right', of: practice.right },
  ].filter(({ of }) => of.runs > 0);
  if (sides.length === 0 || practice.setting === undefined) return 'nothing counted';
  const said = sides.map(({ word, of }) => `${word} ${of.clean} of ${of.runs}`).join(', ');
  return `${length(practice.setting.metres)}: ${said} clean`;
}

/** Runs as typed, clean and all; undefined where they are no such numbers. */
export function typedCount(clean: string, runs: string): Counted | undefined {
  if (clean.trim() === '' && runs.trim() === '') return { runs: 0, clean: 0 };
  const counted = { clean: whole(clean), runs: whole(runs) };
  return counted.clean === undefined || counted.runs === undefined || counted.clean > counted.runs
    ? undefined
    : { clean: counted.clean, runs: counted.runs };
}

function whole(typed: string): number | undefined {
  return /^\s*\d{1,3}\s*$/.test(typed) ? Number(typed) : undefined;
}
