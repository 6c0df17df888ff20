import { expect, it } from 'vitest';
import { together, type Loaded } from './loaded';

const ready = <T>(value: T): Loaded<T> => ({ state: 'ready', value });
const loading: Loaded<string> = { state: 'loading' };
const failed: Loaded<string> = { state: 'failed', message: 'out of reach', retry: () => undefined };

it('is ready once all are, in their order', () => {
  expect(together(ready(1), ready('two'), ready(undefined))).toEqual(ready([1, 'two', undefined]));
});

it('waits for the last', () => {
  expect(together(ready(1), loading)).toEqual(loading);
});

it('fails with the first failure, even while others are on their way', () => {
  expect(together(loading, failed, ready(1))).toBe(failed);
});
