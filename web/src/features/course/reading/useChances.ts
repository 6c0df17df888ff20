import { useQuery } from '@tanstack/react-query';
import { body, http, keys, type Api } from '../../../shared/http';
import type { PairFit } from '../api';
import type { Pair } from '../pairs';

export type Chance = Api<'ChanceJson'>;
type Asked = Api<'ChancesRequest'>['riders'][number];

/** What is asked of everyone of the day whose difficulty is known, by the keys of the pairs. */
export function asked(fits: PairFit[], inOrder: Pair[]): { key: string; on: Asked }[] {
  return inOrder.flatMap((pair, at) => {
    const sides = [fits[at]?.asSet, fits[at]?.mirrored].filter((s) => s !== undefined);
    const known = sides.flatMap((s) => (s.difficulty === undefined ? [] : [[s.side, s.difficulty] as const]));
    if (pair.rider === undefined || known.length === 0 || known.length < sides.length) return [];
    const difficulty = Object.fromEntries(known);
    return [{ key: pair.key, on: { riderId: pair.rider.id, difficulty } }];
  });
}

/** Everyone's chance of a clean run on a course as it is set, by the keys of the pairs. */
export function useChances(kind: string, fits: PairFit[], inOrder: Pair[]): ReadonlyMap<string, Chance> {
  const riders = asked(fits, inOrder);
  const { data } = useQuery({
    queryKey: keys.chances(kind, riders),
    enabled: riders.length > 0,
    queryFn: async () => {
      const chances = await body(
        http.POST('/api/calculations/clean-chances', { body: { kind, riders: riders.map((r) => r.on) } }),
      );
      return new Map(riders.flatMap((r, i) => (chances[i] === undefined ? [] : [[r.key, chances[i]]])));
    },
  });
  return data ?? new Map<string, Chance>();
}
