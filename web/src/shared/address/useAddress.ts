import { useSearchParams } from 'react-router';

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
