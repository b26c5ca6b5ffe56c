'use client';

import type { DeviceWorld } from '@/devices/device-store';
import type { SerialLike } from '@/devices/serial-lines';
import { inBackground } from '../in-background';

/** What this page gives its devices: its timers, its chance, its serial port. */
export const PAGE_WORLD: DeviceWorld = {
  chance: Math.random,
  every: (ms, tick) => {
    const timer = setInterval(tick, ms);
    return () => clearInterval(timer);
  },
  serial: () => (navigator as unknown as { serial?: SerialLike }).serial ?? null,
  inBackground,
};
