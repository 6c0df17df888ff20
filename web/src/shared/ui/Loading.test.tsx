// @vitest-environment jsdom
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useEffect } from 'react';
import { expect, it, vi } from 'vitest';
import type { Loaded } from '../http';
import { Afterwards, Loading, Opening } from './Loading';

function shown(of: Loaded<string>) {
  return <Loading of={of}>{(value) => <h1>{value}</h1>}</Loading>;
}

it('draws at once what is there from the first', () => {
  render(shown({ state: 'ready', value: 'Slipway box' }));
  expect(screen.getByRole('heading').textContent).toBe('Slipway box');
});

it('draws what had to be waited for, and each change of it at once', async () => {
  const { rerender } = render(shown({ state: 'loading' }));
  expect(screen.getByRole('status').textContent).toBe('One moment…');
  rerender(shown({ state: 'ready', value: 'Slipway box' }));
  expect((await screen.findByRole('heading')).textContent).toBe('Slipway box');
  expect(screen.queryByRole('status')).toBeNull();
  rerender(shown({ state: 'ready', value: 'Bollard weave' }));
  expect(screen.getByRole('heading').textContent).toBe('Bollard weave');
});

it('says what holds on any yard while the app is opened, but not for a part of what stands', () => {
  const part = <Loading of={{ state: 'loading' } as Loaded<string>}>{() => 'Box'}</Loading>;
  const { rerender } = render(<Opening value={true}>{part}</Opening>);
  expect(screen.getByText(/Gear on/)).toBeTruthy();
  rerender(
    <Opening value={true}>
      <Loading of={{ state: 'ready', value: 'Apron' }}>{() => part}</Loading>
    </Opening>,
  );
  expect(screen.getByRole('status')).toBeTruthy();
  expect(screen.queryByText(/Gear on/)).toBeNull();
});

it('draws what is looked at later after all before it, turn by turn', async () => {
  const drawn: string[] = [];
  function Part({ name }: { name: string }) {
    useEffect(() => void drawn.push(`${name} with ${document.querySelectorAll('p').length}`), [name]);
    return <p>{name}</p>;
  }
  render(
    <>
      <Afterwards turn={2}>
        <Part name="changeover" />
      </Afterwards>
      <Afterwards>
        <Part name="tape" />
      </Afterwards>
      <Part name="plan" />
    </>,
  );
  expect(await screen.findByText('changeover')).toBeTruthy();
  expect(drawn).toEqual(['plan with 1', 'tape with 2', 'changeover with 3']);
});

it('says what failed, and tries again', async () => {
  const retry = vi.fn();
  render(shown({ state: 'failed', message: 'The server is out of reach.', retry }));
  expect(screen.getByRole('alert').textContent).toContain('out of reach');
  await userEvent.click(screen.getByRole('button', { name: 'Try again' }));
  expect(retry).toHaveBeenCalledOnce();
});
