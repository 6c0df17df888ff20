import { useQuery } from '@tanstack/react-query';
import { body, http, type Api } from '../../shared/http';

export type Network = Api<'Network'>;
export type Place = Network['places'][number];

/** Where the app is on the network. */
export function useNetwork() {
  return useQuery({ queryKey: ['network'], queryFn: () => body(http.GET('/api/network')) });
}

/** Has this device forget that it is signed in. */
export function signOut() {
  return body(http.DELETE('/api/session'));
}
