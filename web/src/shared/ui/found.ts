interface Named {
  id: number;
  name: string;
}

/** In which order named things are read. */
export type Order = 'name' | 'newest';

/** Those whose name says something that was typed, given by name, in order; those put last come after all others. */
export function found<T extends Named>(
  all: T[],
  typed: string,
  order: Order,
  last: (one: T) => boolean = () => false,
): T[] {
  const wanted = typed.trim().toLocaleLowerCase();
  return all
    .filter((one) => one.name.toLocaleLowerCase().includes(wanted))
    .toSorted((a, b) => Number(last(a)) - Number(last(b)) || (order === 'newest' ? b.id - a.id : 0));
}
