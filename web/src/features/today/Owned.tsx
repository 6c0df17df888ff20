import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { body, changing, http, type Api } from '../../shared/http';
import { Button, TextField, useSay } from '../../shared/ui';

type Kit = Api<'KitJson'>;

const SORTS = [
  { sort: 'TALL', label: 'Tall cones' },
  { sort: 'FLAT', label: 'Flat markers' },
] as const;

/** How many cones the school owns, so that a shortage is said the evening before. */
export function Owned() {
  const client = useQueryClient();
  const say = useSay();
  const kit = useQuery({ queryKey: ['kit'], queryFn: () => body(http.GET('/api/kit')) }).data;
  const [open, setOpen] = useState(false);
  const save = useMutation({
    mutationFn: (next: Kit) =>
      changing(kit ?? { version: 0 }, (header) => http.PUT('/api/kit', { params: { header }, body: next })),
    onSuccess: (saved) => {
      client.setQueryData(['kit'], saved);
      void client.invalidateQueries();
      setOpen(false);
      say.done('The school’s cones are counted.');
    },
    onError: say.failed,
  });
  if (kit === undefined) return null;
  const owned = SORTS.flatMap(({ sort, label }) => {
    const n = kit.conesOwned[sort];
    return n === undefined ? [] : [`${n} ${label.toLowerCase()}`];
  });
  if (!open) {
    return (
      <p className="mt-1 text-sm">
        {owned.length === 0
          ? 'What the school owns is not counted yet.'
          : `The school owns ${owned.join(', ')}.`}{' '}
        <Button kind="quiet" className="px-0! py-0!" onClick={() => setOpen(true)}>
          {owned.length === 0 ? 'Count them' : 'Change'}
        </Button>
      </p>
    );
  }
  return (
    <form
      className="mt-2 grid grid-cols-2 gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        const read = new FormData(e.currentTarget);
        const counts = SORTS.map(({ sort }) => [sort, String(read.get(sort) ?? '')] as const);
        const wrong = counts.find(([, text]) => !/^\d{0,4}$/.test(text.trim()));
        if (wrong) return say.failed(new Error('A number of cones is a whole number, such as 24.'));
        save.mutate({
          conesOwned: Object.fromEntries(
            counts.filter(([, text]) => text.trim() !== '').map(([sort, text]) => [sort, Number(text)]),
          ),
        });
      }}
    >
      {SORTS.map(({ sort, label }) => (
        <TextField
          key={sort}
          name={sort}
          label={`${label} owned`}
          inputMode="numeric"
          defaultValue={String(kit.conesOwned[sort] ?? '')}
        />
      ))}
      <div className="col-span-2">
        <Button type="submit" disabled={save.isPending}>
          Save
        </Button>
      </div>
    </form>
  );
}
