/** A cone ticked or unticked on this device that the server may not know yet. */
export interface Tick {
  label: string;
  stands: boolean;
}

/** Labels of the cones that stand, as the server has them, with what was ticked here since. */
export function applied(base: string[], waiting: Tick[]): string[] {
  return waiting.reduce(
    (labels, { label, stands }) => [...labels.filter((l) => l !== label), ...(stands ? [label] : [])],
    base,
  );
}

/** What waits, with one tick more: of a cone only the last says how it is. */
export function withTick(waiting: Tick[], tick: Tick): Tick[] {
  return [...waiting.filter((w) => w.label !== tick.label), tick];
}

/** Whether something read from the browser is a list of ticks. */
export function isTicks(value: unknown): value is Tick[] {
  return (
    Array.isArray(value) &&
    value.every(
      (t: unknown) =>
        typeof t === 'object' && t !== null && 'label' in t && 'stands' in t && typeof t.label === 'string',
    )
  );
}
