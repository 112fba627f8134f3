import { useEffect, useState } from 'react';

/** Keeps the screen on where the browser allows it, and says whether it does. */
export function useScreenOn(isWanted: boolean): boolean {
  const [isOn, setOn] = useState(false);
  useEffect(() => {
    if (!isWanted || !('wakeLock' in navigator)) return;
    let held: WakeLockSentinel | undefined;
    const hold = async () => {
      if (document.visibilityState !== 'visible') return;
      held = await navigator.wakeLock.request('screen').catch(() => undefined);
      setOn(held !== undefined);
      held?.addEventListener('release', () => setOn(false));
    };
    void hold();
    document.addEventListener('visibilitychange', hold);
    return () => {
      document.removeEventListener('visibilitychange', hold);
      void held?.release();
    };
  }, [isWanted]);
  return isOn;
}
