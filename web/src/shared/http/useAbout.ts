import { useQuery } from '@tanstack/react-query';
import { body, http } from './client';
import { keys } from './keys';

/** What is running, and what it can do. */
export function useAbout() {
  return useQuery({ queryKey: keys.about(), queryFn: () => body(http.GET('/api/about')) });
}
