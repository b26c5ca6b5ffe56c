'use client';

import { useEffect, useRef, useState } from 'react';
import { scaleWatch } from '@/devices/scale/scale-watch';
import { PAGE_WORLD } from '../device/page-world';
import { useDevice } from '../device/use-device';

/** A scale in hand: turned on and off, its readings, and a call once for each load that settles; poured on where it counts. */
export function useScale(onSettled: (massG: number) => void, isCounting: boolean) {
  const [scale] = useState(() => scaleWatch(PAGE_WORLD, isCounting));
  const { source, seen, fault } = useDevice(scale);
  const { massG, settledG, loads, loadG } = seen;
  const settle = useRef(onSettled);
  useEffect(() => {
    settle.current = onSettled;
  });
  useEffect(() => scale.stop, [scale]);
  useEffect(() => {
    if (loads > 0) settle.current(loadG);
  }, [loads, loadG]);
  return { source, massG, settledG, fault, scale };
}
