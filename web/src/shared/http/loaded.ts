import type { UseQueryResult } from '@tanstack/react-query';
import { said } from './problem';

/** What is asked for: on its way, failed, or here. */
export type Loaded<T> =
  | { state: 'loading' }
  | { state: 'failed'; message: string; retry: () => void }
  | { state: 'ready'; value: T };

/** A query as one union. */
export function useReading<T>(query: UseQueryResult<T>): Loaded<T> {
  if (query.data !== undefined) return { state: 'ready', value: query.data };
  if (query.isError) {
    return { state: 'failed', message: said(query.error), retry: () => void query.refetch() };
  }
  return { state: 'loading' };
}
