/** In the address of what is not stored yet. */
const NEW = 'new';

/** What an address names: the first where it names none, nothing where it is new, and missing where it is not there. */
export function chosen<T extends { id: number }>(
  all: T[],
  id: string | undefined,
  first: T | undefined = all[0],
): { one: T | undefined; missing: boolean } {
  const one = id === undefined ? first : all.find((o) => String(o.id) === id);
  return { one, missing: one === undefined && id !== undefined && id !== NEW };
}
