// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { AdviceBox } from './AdviceBox';

afterEach(cleanup);

const ALIKE = { riderId: 3, placed: true, riderSizes: undefined, back: undefined, laddered: true };

it('asks which setting is ridden before it advises', () => {
  render(<AdviceBox {...ALIKE} setting={undefined} advice={undefined} onMove={undefined} />);
  expect(screen.getByRole('alert').textContent).toContain('None of these sizes suits');
});

it('offers the way to another size where the advice is to move cones, and only while it is not shown', () => {
  const advice = { move: 'TIGHTEN', reason: '4 of the last 5 clean.', settingMetres: 6.8 } as const;
  const onMove = vi.fn();
  const { rerender } = render(<AdviceBox {...ALIKE} setting={7.2} advice={advice} onMove={onMove} />);
  expect(screen.getByText('Go smaller.')).toBeDefined();
  fireEvent.click(screen.getByRole('button'));
  expect(onMove).toHaveBeenCalledWith(1);
  rerender(<AdviceBox {...ALIKE} setting={7.2} advice={advice} onMove={undefined} />);
  expect(screen.queryByRole('button')).toBeNull();
});
