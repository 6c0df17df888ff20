// @vitest-environment jsdom
import { act, render, screen } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { expect, it } from 'vitest';
import { usePart } from './useAddress';

function Page() {
  const [side, saySide] = usePart('side');
  return <button onClick={() => saySide('LEFT')}>{side ?? 'no side'}</button>;
}

it('says one part of the address, holds before the next key, and leaves nothing to go back to', () => {
  const router = createMemoryRouter([{ path: '/range/:rider', element: <Page /> }], {
    initialEntries: ['/range/1?day=3&side=RIGHT'],
  });
  render(<RouterProvider router={router} useTransitions={false} />);
  // No await: the next key comes in the same breath.
  act(() => screen.getByText('RIGHT').click());
  expect(screen.getByText('LEFT')).toBeDefined();
  expect(router.state.location.search).toBe('?day=3&side=LEFT');
  expect(router.state.historyAction).toBe('REPLACE');
});
