import { useSyncExternalStore } from 'react';

function listen(onChange: () => void): () => void {
  window.addEventListener('online', onChange);
  window.addEventListener('offline', onChange);
  return () => {
    window.removeEventListener('online', onChange);
    window.removeEventListener('offline', onChange);
  };
}

/** Whether the browser knows of a network. One in name only counts as one. */
export function useOnline(): boolean {
  return useSyncExternalStore(
    listen,
    () => navigator.onLine,
    () => true,
  );
}
