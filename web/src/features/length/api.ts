import { body, http, type Api } from '../../shared/http';
import { typedLength, type LengthSystem } from '../../shared/units';

export type Length = Api<'LengthJson'>;
export type Calibration = Api<'CalibrationJson'>;

/** What one pace and one bay measure here, if known. */
export interface Calibrations {
  pace?: Calibration;
  bay?: Calibration;
}

/** The shortest and the longest length a field usually holds. */
export type Usual = Api<'UsualJson'>;

/** What a text means; several meanings come with a question. */
export type LengthAnswer = Api<'LengthResponse'>;

/** Asks the core what a text says. */
export function readLength(
  text: string,
  system: LengthSystem,
  known: Calibrations,
  usual: Usual | undefined,
  signal?: AbortSignal,
): Promise<LengthAnswer> {
  return body(
    http.POST('/api/calculations/length-readings', {
      body: { text, system, ...known, ...(usual && { usual }) },
      signal: signal ?? null,
    }),
  );
}

/** A length moved while it is dragged: how far out it may be stays as it was until the core reads it anew. */
export function moved(length: Length, metres: number, system: LengthSystem): Length {
  return { ...length, metres, text: typedLength(metres, system) };
}
