import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { body, http, keys, type Api } from '../../shared/http';

export type Network = Api<'Network'>;
export type Place = Network['places'][number];

/** Where the app is on the network. */
export function useNetwork() {
  return useQuery({ queryKey: keys.network(), queryFn: () => body(http.GET('/api/network')) });
}

export type SignedInDevice = Api<'Device'>;

const DEVICES = keys.devices();

/** Devices that are signed in, the newest first. */
export function useDevices() {
  return useQuery({ queryKey: DEVICES, queryFn: () => body(http.GET('/api/network/devices')) });
}

/** Signs another device out. */
export function useSignDeviceOut() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => body(http.DELETE('/api/network/devices/{id}', { params: { path: { id } } })),
    onSettled: () => queries.invalidateQueries({ queryKey: DEVICES }),
  });
}

/** Has this device forget that it is signed in. */
export function signOut() {
  return body(http.DELETE('/api/session'));
}
