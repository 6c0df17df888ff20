import { useQuery } from '@tanstack/react-query';
import type { CourseRequest } from '../course';
import type { Length } from '../length';
import { body, http, type Api } from '../../shared/http';
import type { LengthSystem } from '../../shared/units';

export type SetOut = Api<'SetOutResponse'>;
export type ChangeOver = Api<'ChangeOver'>;

/** Where each cone goes. */
export function useSheet(course: CourseRequest, system: LengthSystem) {
  return useQuery({
    queryKey: ['set-out', course, system],
    queryFn: () => body(http.POST('/api/set-outs', { body: { course, system } })),
  });
}

/** From one course to another, set out from the same datum. */
export function useChangeOver(from: CourseRequest, to: CourseRequest | undefined, system: LengthSystem) {
  return useQuery({
    queryKey: ['change-over', from, to, system],
    enabled: to !== undefined,
    queryFn: () => body(http.POST('/api/change-overs', { body: { from, to: to as CourseRequest, system } })),
  });
}

/** What two taped diagonals mean. */
export function useSquareCheck(course: CourseRequest, first: Length | undefined, second: Length | undefined) {
  return useQuery({
    queryKey: ['square', course, first?.metres, second?.metres],
    enabled: first !== undefined && second !== undefined,
    retry: false,
    queryFn: () =>
      body(
        http.POST('/api/square-checks', {
          body: { course, first: first as Length, second: second as Length },
        }),
      ),
  });
}
