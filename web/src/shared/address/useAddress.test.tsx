// @vitest-environment jsdom
import { act, render, screen, waitFor } from '@testing-library/react';
import { createMemoryRouter, RouterProvider } from 'react-router';
import { expect, it } from 'vitest';
import { usePart } from './useAddress';

function Page() {
  const [side, saySide] = usePart('side');
  const [course, sayCourse] = usePart('course');
  return (
    <button
      onClick={() => {
        saySide('LEFT');
        sayCourse('7');
      }}
    >
      {`${side ?? 'no side'}, ${course ?? 'no course'}`}
    </button>
  );
}

function shownAt(address: string) {
  const router = createMemoryRouter([{ path: '/range/:rider', element: <Page /> }], {
    initialEntries: [address],
  });
  render(<RouterProvider router={router} />);
  return router;
}

it('holds at once, and both parts come into the address', async () => {
  const router = shownAt('/range/1?day=3&side=RIGHT');
  expect(screen.getByText('RIGHT, no course')).toBeDefined();
  // No await: the next key comes before the router has written anything.
  act(() => screen.getByRole('button').click());
  expect(screen.getByText('LEFT, 7')).toBeDefined();
  await waitFor(() => expect(router.state.location.search).toBe('?day=3&side=LEFT&course=7'));
});

it('goes along to an address that does not say it', async () => {
  const router = shownAt('/range/1?side=LEFT');
  await act(() => router.navigate('/range/2'));
  expect(screen.getByText('LEFT, no course')).toBeDefined();
  await waitFor(() => expect(router.state.location.search).toBe('?side=LEFT'));
});
