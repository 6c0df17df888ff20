import {
  QueryClient,
  type QueryKey,
  type RefetchOptions,
  type RefetchQueryFilters,
} from '@tanstack/react-query';

/**
 * Takes no answer for the latest that was asked for before a change. What was read before is asked for again by the library
 * itself when it is called out of date, but of what is asked for the first time it would wait for the answer on its way.
 */
export class KeepingUp extends QueryClient {
  override refetchQueries<Key extends QueryKey = QueryKey>(
    filters?: RefetchQueryFilters<Key>,
    options?: RefetchOptions,
  ): Promise<void> {
    this.getQueryCache()
      .findAll({ ...filters, fetchStatus: 'fetching' })
      .filter((query) => query.state.data === undefined && !query.isDisabled() && !query.isStatic())
      // Whoever waits for it gets the answer to the next.
      .forEach((query) => void query.cancel({ silent: true }));
    return super.refetchQueries(filters, options);
  }
}
