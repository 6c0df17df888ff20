/** How many of something, in words. */
export function counted(n: number, what: string): string {
  return `${n} ${what}${n === 1 ? '' : 's'}`;
}
