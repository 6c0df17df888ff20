import { type LengthSystem, lengthText, secondsText, speedText, type SpeedUnit } from '../../shared/units';
import type { Progress } from './api';

type Measurement = Progress['measured'][number];

/** What was measured in the last lesson and in the first, and whether it goes anywhere. */
export function measuredText(of: Measurement, system: LengthSystem, speed: SpeedUnit): string {
  const said = (value: number) =>
    of.unit === 'SECONDS'
      ? secondsText(value)
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
