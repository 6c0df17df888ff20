import { useEffect, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';

/** What the address says beside its path, and a way to say more of it; said empty, it is left out. */
export function useAddress(): [
  URLSearchParams,
  (name: string, value: string, options?: { replace: boolean }) => void,
] {
  const [said, setSaid] = useSearchParams();
  return [
    said,
    (name, value, options) =>
      setSaid((before) => {
        const next = new URLSearchParams(before);
        if (value === '') next.delete(name);
        else next.set(name, value);
        return next;
      }, options),
  ];
}

/**
 * One part of the address that holds from the moment it is said. The router writes an address a moment later, and a key
 * pressed in between is meant for what was said; so it is kept here, and the address brought up to it.
 */
export function usePart(name: string): [string | null, (value: string) => void] {
  const [address, setAddress] = useAddress();
  const written = address.get(name);
  const [said, say] = useState(written);
  useEffect(() => {
    if (said !== null && said !== (written ?? '')) setAddress(name, said, { replace: true });
  });
  return [said, say];
}

/** Beside the address of something just stored: who stored it is still there, and goes on where they were. */
export const JUST_SAVED = { justSaved: true };

/** Whether this address was opened by storing what is shown. */
export function useJustSaved(): boolean {
  const state: unknown = useLocation().state;
  return typeof state === 'object' && state !== null && 'justSaved' in state;
}
