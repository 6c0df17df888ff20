/** How many of something, in words. */
export function counted(n: number, what: string): string {
  return `${n} ${n === 1 ? what : several(what)}`;
}

/** What there are several of, such as "yellow discs". */
export function several(what: string): string {
  return `${what}s`;
}

/** Markers in words, such as "2 tall cones, 1 flat marker". */
export function conesText(counts: { count: number; marker: { name: string } }[]): string {
  return counts.length === 0
    ? 'nothing'
    : counts.map(({ count, marker }) => counted(count, marker.name)).join(', ');
}
