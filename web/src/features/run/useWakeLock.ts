import { useEffect } from 'react';

/** Keeps the screen on while the range is open, where the browser can. */
export function useWakeLock() {
  useEffect(() => {
    let lock: WakeLockSentinel | undefined;
    let left = false;
    const hold = async () => {
      try {
        const got = await navigator.wakeLock?.request('screen');
        if (left) await got?.release();
        else lock = got;
      } catch {
        // A browser may refuse, on low battery for one: the range works without.
      }
    };
    const onVisible = () => {
      if (document.visibilityState === 'visible') void hold();
    };
    void hold();
    document.addEventListener('visibilitychange', onVisible);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  }, []);
}
