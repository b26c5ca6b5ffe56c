'use client';

import { useEffect, useRef, useState } from 'react';
import { inBackground } from '@/station-kit/in-background';

/** As often as a beat is redrawn. */
const TICK_MS = 250;
/** A wall clock that strays from the running one by more was set, or the machine slept. */
const JUMP_MS = 2000;

/**
 * The time, read four times a second, and a call when the wall clock jumped against the time that truly ran on this
 * page, with by how many ms. The time stands still until the call is done: what follows from it is set right first.
 */
export function useSteadyNow(now: () => number, onJump: (jumpMs: number) => Promise<void>): number {
  const [time, setTime] = useState(now);
  const jump = useRef(onJump);
  useEffect(() => {
    jump.current = onJump;
  });
  useEffect(() => {
    let wall = now();
    let ran = performance.now();
    let isMending = false;
    const read = () => {
      const [wallNow, ranNow] = [now(), performance.now()];
      const jumpMs = wallNow - wall - (ranNow - ran);
      [wall, ran] = [wallNow, ranNow];
      if (Math.abs(jumpMs) > JUMP_MS) {
        isMending = true;
        inBackground(
          jump.current(Math.round(jumpMs)).finally(() => {
            isMending = false;
          }),
        );
      }
      if (!isMending) setTime(wallNow);
    };
    const timer = setInterval(read, TICK_MS);
    document.addEventListener('visibilitychange', read);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', read);
    };
  }, [now]);
  return time;
}
