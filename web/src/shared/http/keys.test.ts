import { QueryClient } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { keys, ofRuns, ofStored } from './keys';

it('gives every answer a place of its own', () => {
  const names = Object.values(keys).map((key) => key().join('/'));
  expect(new Set(names).size).toBe(names.length);
});

it('finds with fewer parts all that begin with them', () => {
  const client = new QueryClient();
  client.setQueryData(keys.briefing(4, 'METRIC'), 'metres');
  client.setQueryData(keys.briefing(4, 'IMPERIAL'), 'feet');
  client.setQueryData(keys.briefing(5, 'METRIC'), 'another day');
  expect(client.getQueriesData({ queryKey: keys.briefing(4) })).toHaveLength(2);
});

it('tells what a change of anything stored may have changed', async () => {
  const client = new QueryClient();
  for (const key of [keys.courseKinds(), keys.yards(), keys.range(1)]) client.setQueryData(key, 'read');
  await client.invalidateQueries({ predicate: ofStored });
  const old = (key: readonly unknown[]) => client.getQueryState(key)?.isInvalidated;
  expect([old(keys.courseKinds()), old(keys.yards()), old(keys.range(1))]).toEqual([false, true, true]);
  expect(client.getQueryCache().findAll({ predicate: ofRuns })).toHaveLength(1);
});
