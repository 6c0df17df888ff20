import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { body, comeIn, http, said } from '../shared/http';
import { Button, TextField } from '../shared/ui';

/** Asks a device of the network for the school's passphrase. */
export function SignIn() {
  const client = useQueryClient();
  const [passphrase, setPassphrase] = useState('');
  const [seen, setSeen] = useState(false);
  const enter = useMutation({
    mutationFn: () => body(http.POST('/api/session', { body: { passphrase } })),
    onSuccess: () => comeIn(client),
  });
  return (
    <section aria-labelledby="sign-in" className="m-auto w-full max-w-md px-6 py-8">
      <h1 id="sign-in">Sign in</h1>
      <p className="mt-1 mb-4 text-soft">
        With the passphrase of this school. Whoever started Wren Lane on the laptop knows it. Runs logged on
        this device are kept here and sent once you are in.
      </p>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          enter.mutate();
        }}
      >
        <TextField
          label="Passphrase"
          type={seen ? 'text' : 'password'}
          autoComplete="current-password"
          autoCapitalize="none"
          value={passphrase}
          onChange={(e) => setPassphrase(e.target.value)}
          required
        />
        <label className="flex min-h-12 items-center gap-2">
          <input type="checkbox" checked={seen} onChange={(e) => setSeen(e.target.checked)} />
          Show what I type
        </label>
        {enter.isError && (
          <p role="alert" className="text-brick">
            {said(enter.error)}
          </p>
        )}
        <Button kind="primary" type="submit" className="min-h-15" disabled={enter.isPending}>
          {enter.isPending ? 'One moment…' : 'Sign in'}
        </Button>
      </form>
    </section>
  );
}
