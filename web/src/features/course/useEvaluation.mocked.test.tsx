// @vitest-environment jsdom
import { act, renderHook, waitFor } from '@testing-library/react';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../../shared/http';
import { evaluate, type Evaluation, type CalculationRequest } from './api';
import { useEvaluation } from './useEvaluation';

vi.mock('./api', () => ({ evaluate: vi.fn() }));

const asked = vi.mocked(evaluate);
const metres = (value: number) => ({
  metres: value,
  uncertaintyMetres: 0.02,
  method: 'TAPE' as const,
  text: '',
});
const request = (width: number): CalculationRequest => ({
  course: {
    name: 'Box',
    kind: 'u-turn-box',
    lengths: { widthMetres: metres(width) },
    counts: {},
    options: {},
    firstTurn: 'LEFT',
  },
  level: 'DEVELOPING',
  settled: false,
});
const widthOf = (r: CalculationRequest | undefined) => r?.course.lengths.widthMetres?.metres;
const evaluation = { plan: { cones: [] }, cautions: [] } as unknown as Evaluation;

/** Answers that come when the test lets them. */
function heldBack() {
  const waiting: { width: number; give: () => void; refuse: (e: Error) => void }[] = [];
  asked.mockImplementation(
    (r) =>
      new Promise((resolve, reject) => {
        waiting.push({ width: widthOf(r) ?? 0, give: () => resolve(evaluation), refuse: reject });
      }),
  );
  return waiting;
}

beforeEach(() => {
  asked.mockReset();
});

describe('an evaluation while a width is dragged', () => {
  it('keeps one question on its way and asks the latest next, leaving out those between', async () => {
    const waiting = heldBack();
    const { rerender } = renderHook(({ w }) => useEvaluation(request(w)), { initialProps: { w: 7 } });
    for (const w of [6.9, 6.8, 6.7]) rerender({ w });
    expect(waiting.map((q) => q.width)).toEqual([7]);
    await act(async () => waiting[0]?.give());
    await waitFor(() => expect(waiting.map((q) => q.width)).toEqual([7, 6.7]));
  });

  it('gives each answer together with the question it belongs to', async () => {
    const waiting = heldBack();
    const { result, rerender } = renderHook(({ w }) => useEvaluation(request(w)), { initialProps: { w: 7 } });
    rerender({ w: 6 });
    await act(async () => waiting[0]?.give());
    expect(widthOf(result.current.answered?.request)).toBe(7);
    await waitFor(() => expect(waiting).toHaveLength(2));
    await act(async () => waiting[1]?.give());
    expect(widthOf(result.current.answered?.request)).toBe(6);
  });

  it('keeps the last good answer beside what is wrong with the latest question', async () => {
    const waiting = heldBack();
    const { result, rerender } = renderHook(({ w }) => useEvaluation(request(w)), { initialProps: { w: 7 } });
    await act(async () => waiting[0]?.give());
    rerender({ w: 40 });
    await waitFor(() => expect(waiting).toHaveLength(2));
    await act(async () => waiting[1]?.refuse(new Problem(422, 'Width must be between 3 and 20 m.', [])));
    expect(result.current.problem).toBe('Width must be between 3 and 20 m.');
    expect(widthOf(result.current.answered?.request)).toBe(7);
    rerender({ w: 8 });
    await waitFor(() => expect(waiting).toHaveLength(3));
    await act(async () => waiting[2]?.give());
    expect(result.current.problem).toBeUndefined();
  });

  it('asks again a little later where others had the cores', async () => {
    const waiting = heldBack();
    const { result } = renderHook(({ w }) => useEvaluation(request(w)), { initialProps: { w: 7 } });
    await act(async () => waiting[0]?.refuse(new Problem(429, 'Others are being reckoned for.', [])));
    expect(result.current.problem).toBe('Others are being reckoned for.');
    await waitFor(() => expect(waiting).toHaveLength(2), { timeout: 5000 });
    await act(async () => waiting[1]?.give());
    expect(result.current.problem).toBeUndefined();
    expect(widthOf(result.current.answered?.request)).toBe(7);
  });

  it('does not ask again for an equal question', async () => {
    const waiting = heldBack();
    const { rerender } = renderHook(({ w }) => useEvaluation(request(w)), { initialProps: { w: 7 } });
    await act(async () => waiting[0]?.give());
    rerender({ w: 7 });
    expect(asked).toHaveBeenCalledTimes(1);
  });
});
