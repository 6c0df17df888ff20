import type { UseQueryResult } from '@tanstack/react-query';
import { said } from './problem';

/** What is asked for: on its way, failed, or here. */
export type Loaded<T> =
  | { state: 'loading' }
  | { state: 'failed'; message: string; retry: () => void }
  | { state: 'ready'; value: T };

/** A query as one union. */
export function useReading<T>(
  query: Pick<UseQueryResult<T>, 'data' | 'isError' | 'error'> & { refetch: () => unknown },
): Loaded<T> {
  if (query.data !== undefined) return { state: 'ready', value: query.data };
  if (query.isError) {
    return { state: 'failed', message: said(query.error), retry: () => void query.refetch() };
  }
  return { state: 'loading' };
}

/** Several as one: ready once all are, failed as soon as one is. */
export function together<T extends readonly unknown[]>(...of: { [K in keyof T]: Loaded<T[K]> }): Loaded<T> {
  const each = of as readonly Loaded<unknown>[];
  const failed = each.find((l) => l.state === 'failed');
  if (failed !== undefined) return failed;
  const values = each.flatMap((l) => (l.state === 'ready' ? [l.value] : []));
  return values.length === each.length
    ? { state: 'ready', value: values as unknown as T }
    : { state: 'loading' };
}
