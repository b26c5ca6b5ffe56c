'use client';

import { useEffect, useState } from 'react';

/** The time, read anew every `everyMs`; also when the page comes back from sleep. */
export function useNow(now: () => number, everyMs: number): number {
  const [time, setTime] = useState(now);
  useEffect(() => {
    const read = () => setTime(now());
    const timer = setInterval(read, everyMs);
    document.addEventListener('visibilitychange', read);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', read);
    };
  }, [now, everyMs]);
  return time;
}
