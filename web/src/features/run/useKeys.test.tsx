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
  }, faults.length > 0);
  return null;
}

const press = (key: string) => window.dispatchEvent(new KeyboardEvent('keydown', { key }));

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
