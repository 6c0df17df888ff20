import { useQuery } from '@tanstack/react-query';
import { body, http, type Api } from '../../shared/http';
import { usePreferences } from '../../shared/units';

export type Progress = Api<'ProgressResponse'>;
export type ProgressDay = Api<'ProgressDay'>;
export type Estimate = Api<'EstimateJson'>;

/** A rider's runs on one kind of course over all days. */
export function useProgress(riderId: number, kind: string) {
  const { system } = usePreferences();
  return useQuery({
    queryKey: ['progress', riderId, kind, system],
    placeholderData: (before: Progress | undefined) => (before?.riderId === riderId ? before : undefined),
    queryFn: () =>
      body(
        http.GET('/api/riders/{id}/progress', { params: { path: { id: riderId }, query: { kind, system } } }),
      ),
  });
}
