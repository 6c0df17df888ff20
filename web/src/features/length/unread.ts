/** Reads a field's text; true where it was understood. */
type Read = () => Promise<boolean>;

/**
 * Fields with something typed that nobody has read yet. A button pressed meanwhile is held until it is read: what is saved
 * is what stands in the field, however soon after typing, and however slow the network. Where it is not understood the
 * button is not pressed; the field says why.
 */
const unread = new Set<Read>();

/** A field's text waits to be read from now on, by this; gives a way to say that it is, or need not be any more. */
export function waitsToBeRead(read: Read): () => void {
  unread.add(read);
  return () => void unread.delete(read);
}

function hold(e: Event) {
  if (unread.size === 0 || !(e.target instanceof Element)) return;
  const button = e.target.closest('button');
  if (button === null) return;
  e.preventDefault();
  e.stopPropagation();
  void Promise.all([...unread].map((read) => read())).then((understood) => {
    if (understood.every(Boolean)) button.click();
  });
}

document.addEventListener('click', hold, true);
