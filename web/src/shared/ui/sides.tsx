export type SideName = 'LEFT' | 'RIGHT';

/** Left is a solid left-pointing chevron, right an open right-pointing one. */
export function Chevron({ side, size = 14 }: { side: SideName; size?: number }) {
  return side === 'LEFT' ? (
    <svg
      width={size}
      height={size}
      viewBox="0 0 14 14"
      aria-hidden="true"
      className="inline-block align-[-0.1em]"
    >
      <path d="M11 1 L3 7 L11 13 Z" fill="currentColor" />
    </svg>
  ) : (
    <svg
      width={size}
      height={size}
      viewBox="0 0 14 14"
      aria-hidden="true"
      className="inline-block align-[-0.1em]"
    >
      <path d="M3.5 1.5 L11 7 L3.5 12.5 Z" fill="none" stroke="currentColor" strokeWidth="1.6" />
    </svg>
  );
}

/** The side in a word. */
export function sideWord(side: SideName): string {
  return side === 'LEFT' ? 'left' : 'right';
}
