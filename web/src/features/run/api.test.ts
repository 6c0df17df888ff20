import { keys } from '../../shared/http';
import { QueryClient } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { knownOf, type RangeView } from './api';

const who = { dayId: 5, riderId: 2, courseId: 1, machineId: 4 };

function view(runs: string[]): RangeView {
  return {
    riderSizes: { ladder: { sizes: [] } },
    runs: runs.map((id) => ({ id })),
    unscored: [],
    nextLeft: { move: 'HOLD', reason: 'Stay.' },
  } as unknown as RangeView;
}

it('goes on with what was last read of the same rider and course, without advice for another setting', () => {
  const client = new QueryClient();
  client.setQueryData(keys.range({ ...who, settingMetres: 7.7 }, 'METRIC'), view(['a']), { updatedAt: 1 });
  client.setQueryData(keys.range({ ...who, settingMetres: 8.7 }, 'METRIC'), view(['a', 'b']), {
    updatedAt: 2,
  });
  client.setQueryData(keys.range({ ...who, riderId: 3, settingMetres: 7.7 }, 'METRIC'), view(['c']), {
    updatedAt: 3,
  });
  const known = knownOf(client, { ...who, settingMetres: 5.4 });
  expect(known?.runs.map((r) => r.id)).toEqual(['a', 'b']);
  expect(known?.nextLeft).toBeUndefined();
  expect(knownOf(client, { ...who, courseId: 9, settingMetres: 7.7 })).toBeUndefined();
});
