import { useEffect, useState } from 'react';

/** How long nothing moves before what follows from it is asked for, in milliseconds. */
const REST = 500;

/** A value once it has stayed the same for a while, told by its key; undefined while it moves. */
export function useRested<T>(value: T, key: string): T | undefined {
  const [rested, setRested] = useState<string>();
  useEffect(() => {
    const timer = setTimeout(() => setRested(key), REST);
    return () => clearTimeout(timer);
  }, [key]);
  return rested === key ? value : undefined;
}
