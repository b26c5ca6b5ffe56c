import { useSyncExternalStore } from 'react';

// What of Next's router component tests need: the address is the page's own, and nothing is navigated to.

const MOVED = 'moved';

for (const name of typeof window === 'undefined' ? [] : (['pushState', 'replaceState'] as const)) {
  const real = window.history[name].bind(window.history);
  window.history[name] = (...given: Parameters<History['pushState']>) => {
    real(...given);
    window.dispatchEvent(new Event(MOVED));
  };
}

function subscribe(onMoved: () => void): () => void {
  window.addEventListener(MOVED, onMoved);
  window.addEventListener('popstate', onMoved);
  return () => {
    window.removeEventListener(MOVED, onMoved);
    window.removeEventListener('popstate', onMoved);
  };
}

export function useSearchParams(): URLSearchParams {
  return new URLSearchParams(useSyncExternalStore(subscribe, () => window.location.search));
}

export function usePathname(): string {
  return useSyncExternalStore(subscribe, () => window.location.pathname);
}

const router = { push: () => undefined };

export function useRouter(): typeof router {
  return router;
}
