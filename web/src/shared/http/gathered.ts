/**
 * Does what it is given after so many milliseconds, in one go with all that is given meanwhile, in its order; one that
 * fails stops no other.
 */
export function gathered(ms: number): (task: () => void) => void {
  let waiting: (() => void)[] = [];
  return (task) => {
    waiting.push(task);
    if (waiting.length > 1) return;
    setTimeout(() => {
      const now = waiting;
      waiting = [];
      for (const one of now) {
        try {
          one();
        } catch (e) {
          reportError(e);
        }
      }
    }, ms);
  };
}
