import { useState } from 'react';
import { useGoOn, type Way } from '../../day';
import { useDeleting, useSay } from '../../../shared/ui';
import { useDeleteYard, useSaveYard, type Yard } from '../api';
import { asRequest, type requestOf } from '../model';

/** Stores, deletes and brings back a yard that is being described. */
export function useYardSaving(props: {
  yard: Yard | undefined;
  unsaved: { letGo: () => void; stored: () => void };
  /** Where to go on while the day still needs something of the yard. */
  own: Way;
  onSaved: (saved: Yard, leaving: boolean) => Promise<void>;
  onDeleted: () => void;
}) {
  const { unsaved, onSaved } = props;
  const [stored, setStored] = useState(props.yard);
  const save = useSaveYard();
  const remove = useDeleteYard();
  const deleting = useDeleting();
  const say = useSay();
  const goOn = useGoOn(unsaved.letGo);
  return {
    stored,
    removing: remove.isPending,
    submit: (request: ReturnType<typeof requestOf>, leaving: boolean) => {
      if (request === undefined || save.isPending) return;
      save
        .mutateAsync({ ...(stored && { stored }), yard: request })
        .then(async (saved) => {
          setStored(saved);
          unsaved.stored();
          say.done('Yard saved.');
          await onSaved(saved, leaving);
          if (leaving) await goOn('YARD', { own: props.own });
        })
        .catch(say.failed);
    },
    remove: (gone: Yard) =>
      deleting(gone, {
        remove: () => remove.mutateAsync(gone),
        onGone: () => {
          unsaved.letGo();
          props.onDeleted();
        },
        restore: () => save.mutateAsync({ yard: asRequest(gone) }),
        onBack: (back) => void onSaved(back, false),
      }),
  };
}
