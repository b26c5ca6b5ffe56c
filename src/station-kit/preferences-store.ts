'use client';

import { useSyncExternalStore } from 'react';
import {
  DEFAULT_PREFERENCES,
  keepPreferences,
  PREFERENCES_KEY,
  readPreferences,
  type Preferences,
} from '@/data/device/preferences';
import { writeDatesIn } from '@/text/date-text';

let current: Preferences | null = null;
const listeners = new Set<() => void>();

/** How this screen shows the bench, at this moment; components use `usePreferences`. */
export function readPreferencesNow(): Preferences {
  if (current === null) {
    current = readPreferences(window.localStorage, window.navigator.language);
    writeDatesIn(current);
  }
  return current;
}

function subscribe(listener: () => void): () => void {
  const fromOtherTab = (event: StorageEvent) => {
    if (event.key !== PREFERENCES_KEY) return;
    current = null;
    listener();
  };
  listeners.add(listener);
  window.addEventListener('storage', fromOtherTab);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', fromOtherTab);
  };
}

/** Changes how this screen shows the bench. */
export function setPreferences(change: Partial<Preferences>): void {
  current = { ...readPreferencesNow(), ...change };
  writeDatesIn(current);
  keepPreferences(window.localStorage, current);
  for (const listener of listeners) listener();
}

/** How this screen shows the bench. */
export function usePreferences(): Preferences {
  return useSyncExternalStore(subscribe, readPreferencesNow, () => DEFAULT_PREFERENCES);
}
