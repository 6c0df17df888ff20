import type { Catalogue, Drill, RiderDrills, State } from './api';

/** The states in the order a rider goes through them, backwards: the best first. */
export const STATES: { state: State; label: string }[] = [
  { state: 'MASTERED', label: 'mastered' },
  { state: 'WORKING_ON', label: 'working on' },
  { state: 'NEXT', label: 'next' },
  { state: 'NOT_YET', label: 'not yet' },
];

/** What a state is called. */
export function stateLabel(state: State): string {
  return STATES.find((s) => s.state === state)?.label ?? '';
}

/** What a drill is called; its id where it is not there. */
export function drillName({ drills }: Pick<Catalogue, 'drills'>, id: string): string {
  return drills.find((d) => d.drill.id === id)?.drill.name ?? id;
}

/** How many of some riders are how far with a drill; riders it is not taught to are left out. */
export function countStates(riders: RiderDrills[], drillId: string): Record<State, number> {
  const counts: Record<State, number> = { MASTERED: 0, WORKING_ON: 0, NEXT: 0, NOT_YET: 0 };
  for (const rider of riders) {
    const found = rider.drills.find((d) => d.drill.id === drillId);
    if (found) counts[found.mastery.state]++;
  }
  return counts;
}

/** Lines of a text field as a list, empty ones left out. */
export function linesOf(text: string): string[] {
  return text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');
}

/** An id from a name, in kebab case; not one of those taken. */
export function idFor(name: string, taken: string[]): string {
  const plain =
    name
      .normalize('NFD')
      .toLowerCase()
      .replace(/\p{M}/gu, '')
      .replace(/[^a-z0-9]+/g, '-')
      .split('-')
      .filter((part) => part !== '')
      .slice(0, 7)
      .join('-')
      .slice(0, 50) || 'drill';
  let id = plain;
  for (let n = 2; taken.includes(id); n++) id = `${plain}-${n}`;
  return id;
}

/** Steps with the words of a text field: what stands on its line keeps what changes with it. */
export function stepsOf(before: Drill['steps'], text: string): Drill['steps'] {
  return linesOf(text).map((says, i) => {
    const there =
      before.find((s) => s.says === says) ??
      (before[i] && linesOf(text).length === before.length ? before[i] : undefined);
    return there ? { ...there, says } : { change: 'TASK', says };
  });
}
