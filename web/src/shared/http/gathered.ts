/** Gathers what it is given for so many milliseconds from the first on, and then hands over all of it at once, in its order. */
export function gathering<T>(
  ms: number,
  handOver: (all: T[]) => void,
): {
  add: (one: T) => void;
  /** What is gathered is not handed over. */
  stop: () => void;
} {
  let waiting: T[] = [];
  let timer: ReturnType<typeof setTimeout> | undefined;
  return {
    add: (one) => {
      waiting.push(one);
      timer ??= setTimeout(() => {
        const all = waiting;
        waiting = [];
        timer = undefined;
        handOver(all);
      }, ms);
    },
    stop: () => {
      clearTimeout(timer);
      timer = undefined;
      waiting = [];
    },
  };
}

/**
 * Does what it is given after so many milliseconds, in one go with all that is given meanwhile, in its order; one that
 * fails stops no other.
 */
export function gathered(ms: number): (task: () => void) => void {
  return gathering<() => void>(ms, (all) => all.forEach(tried)).add;
}

function tried(task: () => void) {
  try {
    task();
  } catch (e) {
    reportError(e);
  }
}
