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

/** One part of the address, said in place of what it said before. */
export function usePart(name: string): [string | null, (value: string) => void] {
  const [address, setAddress] = useAddress();
  return [address.get(name), (value) => setAddress(name, value, { replace: true })];
}

/** Beside the address of something just stored: who stored it is still there, and goes on where they were. */
export const JUST_SAVED = { justSaved: true };

/** Whether this address was opened by storing what is shown. */
export function useJustSaved(): boolean {
  const state: unknown = useLocation().state;
  return typeof state === 'object' && state !== null && 'justSaved' in state;
}
