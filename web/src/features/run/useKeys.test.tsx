// @vitest-environment jsdom
import { render } from '@testing-library/react';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import { PreferencesProvider } from '../../shared/units';
import type { Fault } from './api';
import { toggled } from './keys';
import { useKeys } from './useKeys';

function Range({ onLog }: { onLog: (faults: Fault[]) => void }) {
  const [faults, setFaults] = useState<Fault[]>([]);
  useKeys((command) => {
    if (command.do === 'fault') setFaults((before) => toggled(before, command.fault));
    if (command.do === 'log') onLog(faults);
    if (command.do === 'clean') onLog([]);
  }, faults.length > 0);
  return null;
}

const press = (key: string, on: EventTarget = window) => {
  const e = new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true });
  on.dispatchEvent(e);
  return e;
};

it('logs a fault whose key was pressed a moment before, with nothing drawn in between', () => {
  const onLog = vi.fn();
  render(
    <PreferencesProvider>
      <Range onLog={onLog} />
    </PreferencesProvider>,
  );
  press('c');
  press('l');
  press('Enter');
  expect(onLog).toHaveBeenCalledExactlyOnceWith(['CONE', 'LINE']);
});

it('leaves to the browser what scrolls a page, presses a button or moves a slider', () => {
  const onLog = vi.fn();
  const { container } = render(
    <PreferencesProvider>
      <Range onLog={onLog} />
      <button type="button">Clean</button>
      <div role="slider" aria-valuenow={1} tabIndex={0} />
    </PreferencesProvider>,
  );
  expect(press(' ').defaultPrevented).toBe(false);
  expect(press(' ', container.querySelector('button') as Element).defaultPrevented).toBe(false);
  expect(press('Enter').defaultPrevented).toBe(false);
  expect(press('ArrowLeft', container.querySelector('[role=slider]') as Element).defaultPrevented).toBe(
    false,
  );
  expect(onLog).not.toHaveBeenCalled();
  expect(press('0').defaultPrevented).toBe(true);
  expect(onLog).toHaveBeenCalledExactlyOnceWith([]);
});
