// @vitest-environment jsdom
import { QueryClient, QueryClientProvider, useMutation } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { createMemoryRouter, Link, RouterProvider } from 'react-router';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { keepDraft, keptDraft } from '../kept';
import { useDraft } from './draft';

const send = vi.fn<(name: string) => Promise<void>>();

function Form() {
  const [name, setName] = useState('Ada');
  const draft = useDraft({ name: 'rider/1', value: name, onRestore: setName });
  const save = useMutation({ mutationFn: () => send(name) });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        save.mutateAsync().then(draft.stored, () => undefined);
      }}
    >
      {draft.question}
      <input aria-label="Name" value={name} onChange={(e) => setName(e.target.value)} />
      <button type="submit" disabled={name === ''}>
        Save rider
      </button>
      <Link to="/other">Other page</Link>
    </form>
  );
}

function open() {
  const router = createMemoryRouter([
    { path: '/', element: <Form /> },
    { path: '/other', element: <p>Another page</p> },
  ]);
  return render(
    <QueryClientProvider client={new QueryClient()}>
      <RouterProvider router={router} />
    </QueryClientProvider>,
  );
}

const field = () => screen.getByLabelText<HTMLInputElement>('Name');
const press = (name: string) => userEvent.click(screen.getByRole('button', { name }));

beforeEach(() => {
  localStorage.clear();
  send.mockReset().mockResolvedValue(undefined);
});

describe('what is typed', () => {
  it('is kept in the browser at once, and offered again after a reload', async () => {
    const first = open();
    await userEvent.type(field(), ' B');
    expect(keptDraft('rider/1')?.value).toBe('Ada B');
    first.unmount();
    open();
    expect(field().value).toBe('Ada');
    expect(screen.getByRole('status').textContent).toContain('was not saved');
    await press('Restore it');
    expect(field().value).toBe('Ada B');
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('is not offered any more once it is saved or discarded', async () => {
    const first = open();
    await userEvent.type(field(), ' B');
    await press('Save rider');
    await waitFor(() => expect(keptDraft('rider/1')).toBeUndefined());
    first.unmount();
    keepDraft('rider/1', 'Eve', 0);
    const second = open();
    await press('Discard it');
    second.unmount();
    open();
    expect(screen.queryByRole('status')).toBeNull();
  });

  it('is not written over by a form that is only looked at', () => {
    keepDraft('rider/1', 'Eve', 0);
    open().unmount();
    expect(keptDraft('rider/1')?.value).toBe('Eve');
  });
});

describe('leaving', () => {
  const leave = async () => {
    await userEvent.type(field(), ' B');
    await userEvent.click(screen.getByText('Other page'));
    expect(await screen.findByText('Not saved yet')).toBeTruthy();
  };

  it('saves where that is asked for, and goes on', async () => {
    open();
    await leave();
    await press('Save');
    expect(await screen.findByText('Another page')).toBeTruthy();
    expect(send).toHaveBeenCalledExactlyOnceWith('Ada B');
  });

  it('stays and says so where it cannot be saved', async () => {
    send.mockRejectedValue(new Error('no'));
    open();
    await leave();
    await press('Save');
    expect(await screen.findByText(/could not be saved as it is/, undefined, { timeout: 4000 })).toBeTruthy();
    await press('Stay');
    expect(field().value).toBe('Ada B');
    expect(keptDraft('rider/1')?.value).toBe('Ada B');
  });

  it('says at once that a form with something missing cannot be saved', async () => {
    open();
    await userEvent.clear(field());
    await userEvent.click(screen.getByText('Other page'));
    await press('Save');
    expect(await screen.findByText(/could not be saved as it is/)).toBeTruthy();
    expect(send).not.toHaveBeenCalled();
  });

  it('forgets what was typed where that is asked for', async () => {
    open();
    await leave();
    await press('Leave without saving');
    expect(await screen.findByText('Another page')).toBeTruthy();
    expect(keptDraft('rider/1')).toBeUndefined();
    expect(send).not.toHaveBeenCalled();
  });
});
