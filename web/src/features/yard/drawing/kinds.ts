import { useUsualGround, type UsualObstacle } from '../api';
import type { Obstacle } from '../model';

/** What is known of the kinds of obstacle: nothing until it is here. */
export function useKinds(): {
  all: UsualObstacle[];
  of: (kind: Obstacle['kind']) => UsualObstacle | undefined;
  /** What one is called: by its own name, else by its kind. */
  called: (obstacle: Obstacle) => string;
} {
  const all = useUsualGround().data?.obstacles ?? [];
  const of = (kind: Obstacle['kind']) => all.find((k) => k.kind === kind);
  return { all, of, called: ({ name, kind }) => name || (of(kind)?.label ?? '') };
}
