// @vitest-environment jsdom
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it } from 'vitest';
import { Popup } from './Popup';

it('is a button until it is opened, and gives the focus back when it is closed', async () => {
  render(
    <Popup button={{ children: 'size' }} label="What a size is" className="p-3">
      One setting.
    </Popup>,
  );
  const closed = screen.getByRole('button', { name: 'size', expanded: false });
  expect(closed.getAttribute('aria-haspopup')).toBe('dialog');
  await userEvent.click(closed);
  expect(screen.getByRole('dialog', { name: 'What a size is' }).textContent).toBe('One setting.');
  await userEvent.keyboard('{Escape}');
  expect(screen.queryByRole('dialog')).toBeNull();
  const again = screen.getByRole('button', { name: 'size', expanded: false });
  expect(document.activeElement).toBe(again);
  await userEvent.keyboard('{Enter}');
  expect(screen.getByRole('dialog')).toBeTruthy();
});

it('is opened from elsewhere, too', async () => {
  function Keys() {
    const [open, onOpenChange] = useState(false);
    return (
      <>
        <button type="button" onClick={() => onOpenChange(true)}>
          by key
        </button>
        <Popup button={{ children: '?' }} label="Keys" className="p-4" held={{ open, onOpenChange }}>
          1 to 8
        </Popup>
      </>
    );
  }
  render(<Keys />);
  await userEvent.click(screen.getByRole('button', { name: 'by key' }));
  expect(screen.getByRole('dialog', { name: 'Keys' })).toBeTruthy();
  expect(screen.getByRole('button', { name: '?', expanded: true, hidden: true })).toBeTruthy();
});
