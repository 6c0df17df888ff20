import type { Conflict } from './changing';

/** One thing that is wrong, as the server says it. */
export interface Finding {
  code: string;
  where: string;
  message: string;
}

/** What the server finds where the time for an answer was not enough. */
const OUT_OF_TIME = 'calculation-limit';

/** An answer that is not what was asked for; status 0 where the server was out of reach. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly findings: Finding[],
    readonly conflict?: Conflict,
  ) {
    super(message);
    this.name = 'Problem';
  }

  get unreachable(): boolean {
    return this.status === 0;
  }

  /**
   * Whether others came first or took the time, so that the same question a little later may be answered: what was calculated
   * by then is kept, and the next try goes on from there.
   */
  get busy(): boolean {
    return this.status === 429 || this.findings.some((f) => f.code === OUT_OF_TIME);
  }
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}

function isFinding(value: unknown): value is Finding {
  return isRecord(value) && typeof value.message === 'string' && typeof value.where === 'string';
}

/** Both states, where something was changed elsewhere since it was read. */
function conflictOf(status: number, document: unknown): Conflict | undefined {
  if (status !== 412 || !isRecord(document) || !isRecord(document.current)) return undefined;
  return {
    current: document.current,
    wanted: isRecord(document.wanted) ? document.wanted : undefined,
  };
}

/** Reads a problem document; anything else becomes a plain sentence. */
export function readProblem(status: number, document: unknown): Problem {
  const detail = isRecord(document) && typeof document.detail === 'string' ? document.detail : undefined;
  const findings = isRecord(document) && Array.isArray(document.findings) ? document.findings : [];
  return new Problem(
    status,
    detail ?? `The server answered with status ${status}. Try again.`,
    findings.filter(isFinding),
    conflictOf(status, document),
  );
}

/** What to say of anything thrown. */
export function said(error: unknown): string {
  return error instanceof Error ? error.message : 'Something went wrong. Try again.';
}
