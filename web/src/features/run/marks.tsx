import { BEFORE_DROP, FAULTS, TECHNIQUES } from '../fault';
import type { Fault, Measured, RunRequest, Score } from './api';

/** What can be measured of a run with a tape. */
export const MEASURED: { measured: Measured; word: string }[] = [
  { measured: 'PLANK', word: 'Plank moved' },
  { measured: 'LEVER', word: 'Reach at the lever' },
  { measured: 'CIRCLE', word: 'Circle turned in' },
];

/** What was measured of a run, in words; lengths as they are read. */
export function scoreText(score: Score | undefined, length: (metres: number) => string): string {
  if (score === undefined) return '';
  const what = MEASURED.find((m) => m.measured === score.measured)?.word.toLowerCase() ?? '';
  return `${what} ${length(score.metres)}`;
}

/** What was seen of a run beside its faults, in words; lengths as they are read. */
export function observedText(seen: RunRequest['observed'], length: (metres: number) => string): string {
  if (seen === undefined) return '';
  const before = BEFORE_DROP.find((b) => b.before === seen.beforeDrop)?.word.toLowerCase();
  return [
    seen.mark === undefined ? '' : `at ${seen.mark}`,
    seen.offMetres === undefined ? '' : `${length(seen.offMetres)} off`,
    ...TECHNIQUES.filter((t) => seen.technique.includes(t.technique)).map((t) => t.word.toLowerCase()),
    before === undefined ? '' : `last: ${before}`,
  ]
    .filter((t) => t !== '')
    .join(', ');
}

/** The letter of a fault. */
export function letterOf(fault: Fault): string {
  return FAULTS.find((f) => f.fault === fault)?.letter ?? '?';
}

/** What a run looked like, in words. */
export function outcomeText(faults: Fault[]): string {
  return faults.length === 0
    ? 'clean'
    : faults.map((f) => FAULTS.find((o) => o.fault === f)?.word.toLowerCase() ?? f).join(', ');
}

/** What of an entry is shown. */
export type Seen = Pick<RunRequest, 'faults' | 'sort' | 'minutes' | 'laps' | 'faultCounts'>;

/** What an entry was, in words. */
export function entryText(run: Seen): string {
  if (run.sort === 'BROKEN_OFF') return 'abandoned';
  if (run.sort !== 'SPELL') return outcomeText(run.faults);
  const counted = Object.entries(run.faultCounts ?? {}).map(
    ([fault, n]) => `${n} × ${FAULTS.find((f) => f.fault === fault)?.word.toLowerCase() ?? fault}`,
  );
  return `timed ride of ${lengthOf(run)}: ${counted.length === 0 ? 'clean' : counted.join(', ')}`;
}

function lengthOf(run: Seen): string {
  return [
    run.minutes === undefined ? '' : `${run.minutes} min`,
    run.laps === undefined ? '' : `${run.laps} laps`,
  ]
    .filter((t) => t !== '')
    .join(', ');
}

/** A clean run is a tally stroke, each fault a letter in a ring; a timed ride says its length, what was broken off is a dash. */
export function Outcome({ run, size = 22 }: { run: Seen; size?: number }) {
  if (run.sort === 'BROKEN_OFF') {
    return (
      <svg role="img" aria-label="abandoned" width={size / 2} height={size} viewBox="0 0 11 22">
        <path d="M1 11H10" className="stroke-soft" strokeWidth={3} />
      </svg>
    );
  }
  const timedRide = run.sort === 'SPELL' && (
    <span className="figures text-sm" aria-hidden="true">
      {lengthOf(run)}
    </span>
  );
  return (
    <span role="img" aria-label={entryText(run)} className="inline-flex items-center gap-0.5">
      {timedRide}
      {run.faults.length === 0 && (
        <svg aria-hidden="true" width={size / 2} height={size} viewBox="0 0 11 22">
          <path d="M5.5 2V20" className="stroke-moss" strokeWidth={3.4} />
        </svg>
      )}
      {run.faults.map((f) => (
        <svg key={f} aria-hidden="true" width={size} height={size} viewBox="0 0 22 22">
          <circle cx="11" cy="11" r="9.4" className="fill-panel stroke-brick" strokeWidth={2} />
          <text x="11" y="15.4" textAnchor="middle" className="fill-brick" fontSize={12.5} fontWeight={700}>
            {letterOf(f)}
          </text>
        </svg>
      ))}
    </span>
  );
}
