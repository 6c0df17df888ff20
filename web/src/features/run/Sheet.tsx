import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/** A sheet over the page. */
export function Sheet(props: { title: string; onClose: () => void; children: ReactNode }) {
  return (
    // Not modal by the primitive's own means: those write styles into the page, which the app's policy forbids.
    <Dialog.Root modal={false} open onOpenChange={(open) => !open && props.onClose()}>
      <Dialog.Portal>
        <div className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content
          aria-modal
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-50 mx-auto grid max-h-[92vh] w-full max-w-2xl gap-3 overflow-auto border-t border-ink bg-panel p-4 sm:bottom-auto sm:top-1/2 sm:-translate-y-1/2 sm:rounded-sm sm:border"
        >
          <Dialog.Title className="text-xl font-bold">{props.title}</Dialog.Title>
          {props.children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
