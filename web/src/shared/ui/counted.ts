/** How many of something, in words. */
export function counted(n: number, what: string): string {
  return `${n} ${n === 1 ? what : several(what)}`;
}

/** What there are several of, such as "yellow discs". */
export function several(what: string): string {
  return `${what}s`;
}
