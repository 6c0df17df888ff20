// @vitest-environment jsdom
import { act, fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../shared/http';
import { readLength, type Length, type LengthAnswer } from './api';
import { LengthField } from './LengthField';

vi.mock('./api', () => ({ readLength: vi.fn() }));

const length = (metres: number, text: string): Length => ({
  metres,
  uncertaintyMetres: 0.12,
  method: 'BAYS',
  text,
});
const reading = (l: Length) => ({ length: l, metric: '', imperial: '' });
const answer = (l: Length) => ({ readings: [reading(l)] });
const read = vi.mocked(readLength);

function field() {
  return screen.getByLabelText<HTMLInputElement>('Width');
}

beforeEach(() => {
  read.mockReset();
});

describe('a length field', () => {
  it('says back what it holds in both units, with how far out it may be', () => {
    render(<LengthField label="Width" value={length(6, '2.5 bays')} onRead={vi.fn()} />);
    expect(field().value).toBe('2.5 bays');
    expect(screen.getByText(/6\.00 ± 0\.12/).textContent).toContain('19′\u20098″');
  });

  it('gives what the core understood, with the pace and bay known here', async () => {
    const six = length(6, '2.5 bays');
    read.mockResolvedValue(answer(six));
    const onRead = vi.fn();
    const known = { bay: { count: 4, taped: length(9.6, '9.6 m') } };
    render(<LengthField label="Width" value={undefined} known={known} onRead={onRead} />);
    await userEvent.type(field(), '2.5 bays');
    await waitFor(() => expect(onRead).toHaveBeenCalledWith(six));
    expect(read).toHaveBeenLastCalledWith('2.5 bays', 'METRIC', known, undefined, expect.any(AbortSignal));
  });

  it('keeps what was not understood, with the sentence about what would do', async () => {
    read.mockRejectedValue(new Problem(422, 'Try 7.2 m or 9 paces.', []));
    const onRefused = vi.fn();
    render(<LengthField label="Width" value={undefined} onRead={vi.fn()} onRefused={onRefused} />);
    await userEvent.type(field(), 'wide');
    expect(await screen.findByText('Try 7.2 m or 9 paces.')).toBeTruthy();
    expect(field().value).toBe('wide');
    expect(field().getAttribute('aria-invalid')).toBe('true');
    expect(onRefused).toHaveBeenCalled();
  });

  it('asks what a doubtful text means, and holds what is chosen', async () => {
    const feet = length(7.1628, '23\' 6"');
    read.mockResolvedValue({
      readings: [reading(feet), reading(length(23.6, '23.6 m'))],
      question: '“23 6” could mean 23\' 6" or 23.6 m. Choose one.',
    });
    const onRead = vi.fn();
    render(
      <LengthField
        label="Width"
        value={undefined}
        usual={{ leastMetres: 2, mostMetres: 40 }}
        onRead={onRead}
      />,
    );
    await userEvent.type(field(), '23 6');
    expect(await screen.findByText(/could mean/)).toBeTruthy();
    expect(onRead).not.toHaveBeenCalled();
    await userEvent.click(screen.getByRole('button', { name: '23\' 6"' }));
    expect(onRead).toHaveBeenCalledExactlyOnceWith(feet);
    expect(field().value).toBe('23\' 6"');
    expect(read).toHaveBeenCalledTimes(1);
  });

  it('is read before a button pressed in the same breath, and told in order', async () => {
    let understood: (answer: LengthAnswer) => void = () => undefined;
    // On a slow machine a part of it is read before the last letter.
    read.mockImplementation(() => new Promise((resolve) => (understood = resolve)));
    const onSave = vi.fn();
    function Form() {
      const [width, setWidth] = useState<Length>();
      return (
        <>
          <LengthField label="Width" value={width} onRead={setWidth} />
          <button onClick={() => onSave(width?.metres)}>Save</button>
        </>
      );
    }
    render(<Form />);
    await userEvent.type(field(), '6 m');
    await userEvent.click(screen.getByText('Save'));
    expect(onSave).not.toHaveBeenCalled();
    understood(answer(length(6, '6 m')));
    await waitFor(() => expect(onSave).toHaveBeenCalledExactlyOnceWith(6));
  });

  it('keeps a button from being pressed where it is not understood', async () => {
    read.mockRejectedValue(new Problem(422, 'Try 7.2 m or 9 paces.', []));
    const onSave = vi.fn();
    render(
      <>
        <LengthField label="Width" value={length(5, '5 m')} onRead={vi.fn()} />
        <button onClick={onSave}>Save</button>
      </>,
    );
    await userEvent.type(field(), ' wide');
    await userEvent.click(screen.getByText('Save'));
    expect(await screen.findByText('Try 7.2 m or 9 paces.')).toBeTruthy();
    expect(onSave).not.toHaveBeenCalled();
    // Whoever presses again has seen what is wrong.
    await userEvent.click(screen.getByText('Save'));
    expect(onSave).toHaveBeenCalledTimes(1);
  });

  it('reads a refused text again once a bay is known', async () => {
    read.mockImplementation((_text, _system, known) =>
      known.bay === undefined
        ? Promise.reject(new Problem(422, 'No bay is taped here yet.', []))
        : Promise.resolve(answer(length(6, '2.5 bays'))),
    );
    const onRead = vi.fn();
    const { rerender } = render(<LengthField label="Width" value={undefined} known={{}} onRead={onRead} />);
    await userEvent.type(field(), '2.5 bays');
    await screen.findByText('No bay is taped here yet.');
    const known = { bay: { count: 4, taped: length(9.6, '9.6 m') } };
    rerender(<LengthField label="Width" value={undefined} known={known} onRead={onRead} />);
    await waitFor(() => expect(onRead).toHaveBeenCalled());
    expect(read).toHaveBeenLastCalledWith('2.5 bays', 'METRIC', known, undefined, expect.any(AbortSignal));
  });

  it('takes up a length that was dragged elsewhere', () => {
    const { rerender } = render(<LengthField label="Width" value={length(6, '2.5 bays')} onRead={vi.fn()} />);
    rerender(<LengthField label="Width" value={length(6.4, '6.40 m')} onRead={vi.fn()} />);
    expect(field().value).toBe('6.40 m');
  });

  it('asks once for a text typed in one go, not at every letter', () => {
    vi.useFakeTimers();
    try {
      read.mockResolvedValue(answer(length(7.2, '7.2 m')));
      render(<LengthField label="Width" value={undefined} onRead={vi.fn()} />);
      for (const value of ['7', '7.', '7.2', '7.2 m']) {
        fireEvent.change(field(), { target: { value } });
        act(() => vi.advanceTimersByTime(200));
      }
      expect(read).not.toHaveBeenCalled();
      act(() => vi.advanceTimersByTime(200));
      expect(read).toHaveBeenCalledTimes(1);
      expect(read.mock.calls[0]?.[0]).toBe('7.2 m');
    } finally {
      vi.useRealTimers();
    }
  });
});
