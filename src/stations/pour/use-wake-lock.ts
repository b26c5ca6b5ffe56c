'use client';

import { useEffect } from 'react';
import { inBackground } from '@/station-kit/in-background';

/** Keeps the screen awake while `isOn`, where the browser offers it; asks anew when the page comes back. */
export function useWakeLock(isOn: boolean): void {
  useEffect(() => {
    if (!isOn || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | null = null;
    let isLive = true;
    const take = () => {
      if (document.visibilityState !== 'visible') return;
      navigator.wakeLock
        .request('screen')
        .then((taken) => {
          lock = taken;
          if (!isLive) inBackground(taken.release());
        })
        // A browser may refuse, to spare its battery; the run goes on all the same.
        .catch(() => undefined);
    };
    take();
    document.addEventListener('visibilitychange', take);
    return () => {
      isLive = false;
      document.removeEventListener('visibilitychange', take);
      inBackground(lock?.release());
    };
  }, [isOn]);
}
