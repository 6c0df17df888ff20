// @vitest-environment jsdom
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, it, vi } from 'vitest';
import type { Draft } from '../model';
import { CalibrationFields } from './CalibrationFields';

function Bays({ onChange }: { onChange: (value: Draft['bay']) => void }) {
  const [value, setValue] = useState<Draft['bay']>({ on: true });
  return (
    <CalibrationFields
      title="Bays"
      unit="bays"
      how=""
      value={value}
      onChange={(next) => {
        setValue(next);
        onChange(next);
      }}
    />
  );
}

it.each(['2.5', '2,5'])('takes a count with a part as it is typed: %s', async (typed) => {
  const onChange = vi.fn();
  render(<Bays onChange={onChange} />);
  const field = screen.getByLabelText<HTMLInputElement>('Number of bays');
  await userEvent.type(field, typed);
  expect(field.value).toBe(typed);
  expect(onChange).toHaveBeenLastCalledWith({ on: true, count: 2.5 });
  await userEvent.clear(field);
  expect(onChange).toHaveBeenLastCalledWith({ on: true });
});
