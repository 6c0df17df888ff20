import { useQuery } from '@tanstack/react-query';
import { body, http, type Api } from '../../shared/http';

export type Progress = Api<'ProgressResponse'>;
export type ProgressDay = Api<'ProgressDay'>;
export type Estimate = Api<'EstimateJson'>;

/** A rider's U-turns over all days. */
export function useProgress(riderId: number) {
  return useQuery({
    queryKey: ['progress', riderId],
    queryFn: () => body(http.GET('/api/riders/{id}/progress', { params: { path: { id: riderId } } })),
  });
}
