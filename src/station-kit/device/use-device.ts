'use client';

import { useSyncExternalStore } from 'react';
import type { DeviceState } from '@/devices/device-store';

interface Watched<Seen> {
  readonly get: () => DeviceState<Seen>;
  readonly subscribe: (tell: () => void) => () => void;
}

/** A device as it streams. */
export function useDevice<Seen>({ get, subscribe }: Watched<Seen>): DeviceState<Seen> {
  return useSyncExternalStore(subscribe, get, get);
}
