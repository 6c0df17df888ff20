/** What this browser keeps under a name; undefined where there is nothing, or nothing that can be read. */
export function readKept(name: string): unknown {
  try {
    const kept = localStorage.getItem(name);
    return kept === null ? undefined : JSON.parse(kept);
  } catch {
    return undefined;
  }
}

/** Keeps something in this browser, if it can; without storage it lasts as long as the page. */
export function keep(name: string, value: unknown): boolean {
  try {
    localStorage.setItem(name, JSON.stringify(value));
    return true;
  } catch {
    // Nothing is lost but the next reload's memory of it.
    return false;
  }
}
