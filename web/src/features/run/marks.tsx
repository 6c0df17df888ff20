import type { Fault } from './api';

/** Every fault with the letter it is logged and shown by. */
export const FAULTS: { fault: Fault; letter: string; word: string }[] = [
  { fault: 'CONE', letter: 'C', word: 'Cone' },
  { fault: 'LINE', letter: 'L', word: 'Line' },
  { fault: 'GATE', letter: 'G', word: 'Gate' },
  { fault: 'FOOT', letter: 'F', word: 'Foot' },
  { fault: 'STALL', letter: 'S', word: 'Stall' },
  { fault: 'STOPPED', letter: 'T', word: 'Stopped' },
  { fault: 'DROP', letter: 'D', word: 'Drop' },
];

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

/** A clean run is a tally stroke, each fault a letter in a ring. */
export function Outcome({ faults, size = 22 }: { faults: Fault[]; size?: number }) {
  if (faults.length === 0) {
    return (
      <svg role="img" aria-label="clean" width={size / 2} height={size} viewBox="0 0 11 22">
        <path d="M5.5 2V20" className="stroke-moss" strokeWidth={3.4} />
      </svg>
    );
  }
  return (
    <span role="img" aria-label={outcomeText(faults)} className="inline-flex gap-0.5">
      {faults.map((f) => (
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
