import { useEffect } from 'react';

/** Keeps the screen on while a page is looked at, where the device can: hands at the machine are not free to wake it. */
export function useAwake(): void {
  useEffect(() => {
    let held: WakeLockSentinel | undefined;
    let left = false;
    const take = () => {
      if (document.visibilityState !== 'visible' || !('wakeLock' in navigator)) return;
      navigator.wakeLock
        .request('screen')
        .then((lock) => (left ? lock.release() : void (held = lock)))
        // it may be refused, on low battery for one: then the screen sleeps as it always does
        .catch(() => undefined);
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      left = true;
      document.removeEventListener('visibilitychange', take);
      held?.release().catch(() => undefined);
    };
  }, []);
}
