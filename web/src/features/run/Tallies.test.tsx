// @vitest-environment jsdom
import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, expect, it } from 'vitest';
import type { ShownRun } from './outbox';
import { Tallies } from './Tallies';

afterEach(cleanup);

const run: ShownRun = {
  id: 'a',
  dayId: 1,
  riderId: 1,
  courseId: 1,
  machineId: 1,
  side: 'LEFT',
  settingMetres: 7.2,
  faults: [],
  loggedAt: '2026-05-14T09:00:00Z',
  kept: 'device',
};

function tallies(runs: ShownRun[], earlier: 'known' | 'coming' | 'lost', sided = true) {
  render(<Tallies runs={runs} sided={sided} onRun={() => undefined} unscored={[]} earlier={earlier} />);
}

it('says that there is none where that is known', () => {
  tallies([], 'known');
  expect(screen.getByText('No runs yet')).toBeDefined();
  expect(screen.getByLabelText('Left, clean of all: 0 / 0')).toBeDefined();
});

it.each(['coming', 'lost'] as const)('counts none where runs are not known: %s', (earlier) => {
  tallies([], earlier);
  expect(screen.queryByText('No runs yet')).toBeNull();
  expect(screen.getByLabelText('Left, clean of all: not known').textContent).toContain('–');
  expect(screen.getByLabelText('Right, clean of all: not known')).toBeDefined();
});

it('counts what this device has logged, whatever else there may be', () => {
  tallies([run], 'lost');
  expect(screen.getByLabelText('Left, clean of all: 1 / 1')).toBeDefined();
  expect(screen.getByLabelText('Right, clean of all: not known')).toBeDefined();
});

it('has one count where what is ridden has no side', () => {
  const { side: _side, ...straight } = run;
  tallies([straight, { ...straight, id: 'b', faults: ['FOOT'] }], 'known', false);
  expect(screen.getByLabelText('Clean of all: 1 / 2')).toBeDefined();
  expect(screen.queryByLabelText(/^Left/)).toBeNull();
});
