import { useSay } from './toasts';

/** Deletes something that can be made anew, and offers that for a while. */
export function useDeleting() {
  const say = useSay();
  return <T extends { name: string }>(
    gone: T,
    how: {
      remove: () => Promise<unknown>;
      /** Once it is gone. */
      onGone: () => void;
      /** Stores it again, as a new one. */
      restore: () => Promise<T>;
      onBack: (stored: T) => void;
    },
  ) =>
    how
      .remove()
      .then(() => {
        how.onGone();
        say.done(`${gone.name} is deleted.`, () => {
          how.restore().then(how.onBack).catch(say.failed);
        });
      })
      .catch(say.failed);
}
