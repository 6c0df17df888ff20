import { sideWord } from '../../shared/ui';
import { lengthText, speedText, type LengthSystem, type SpeedUnit } from '../../shared/units';
import type { Progress } from './api';

type Gap = NonNullable<Progress['gap']>;
type Change = NonNullable<Progress['days'][number]['leftChange']>;

/** How sure something is, as a share in words: never more than the figures bear. */
export function sureText(certainty: number): string {
  return `${Math.min(99, Math.round(certainty * 100))} % sure`;
}

/** Which side is behind and how far, as sure as it is; level where it may as well be the other. */
export function gapText(gap: Gap, length: (metres: number) => string): string {
  const by = gap.metres === undefined ? gap.tightness.toFixed(2) : length(gap.metres);
  const side = sideWord(gap.behind);
  if (!gap.clear) return `No side is clearly behind: ${side} by ${by}, ${sureText(gap.certainty)}.`;
  return `The ${side} side is ${by} behind, ${sureText(gap.certainty)}: start on it, and alternate.`;
}

/** Whether the rider got better, as sure as it is. */
export function changeText(change: Change): string {
  const by = Math.abs(change.tightness).toFixed(2);
  if (change.trend === 'BETTER') return `better by ${by}, ${sureText(change.certainty)}`;
  if (change.trend === 'WORSE') return `worse by ${by}, ${sureText(1 - change.certainty)}`;
  return 'no clear change';
}

type Measurement = Progress['measured'][number];

/** What was measured in the last lesson and in the first, and whether it goes anywhere. */
export function measuredText(of: Measurement, system: LengthSystem, speed: SpeedUnit): string {
  const said = (value: number) =>
    of.unit === 'SECONDS'
      ? `${value.toFixed(1)} s`
      : of.unit === 'METRES'
        ? lengthText(value, system)
        : speedText(value, speed);
  const { drift } = of;
  const last = `${said(drift.last)} in the last lesson (${said(drift.least)} to ${said(drift.most)})`;
  if (drift.lessons === 1) return `${last}.`;
  const going = of.clear
    ? `clearly ${drift.perLesson > 0 ? 'more' : 'less'} from lesson to lesson`
    : 'no clear change';
  return `${last}, ${said(drift.first)} in the first of ${drift.lessons}; ${going}.`;
}

/** Minutes as hours and minutes, such as 1:05. */
export function hoursText(minutes: number): string {
  const whole = Math.round(minutes);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
