'use client';

import { useEffect } from 'react';
import { keepApp } from '@/data/device/kept-app';

/** Has the browser keep the app once the page stands, so that fetching it holds up nothing the maker sees. */
export function KeepApp() {
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production') return;
    const keep = () => void keepApp(navigator.serviceWorker).catch(() => undefined);
    if (document.readyState === 'complete') keep();
    else window.addEventListener('load', keep, { once: true });
    return () => window.removeEventListener('load', keep);
  }, []);
  return null;
}
