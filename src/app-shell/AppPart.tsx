'use client';

import { useEffect, useState } from 'react';
import { readKeptApp, type KeptApp } from '@/data/device/kept-app';
import { useOnline } from '@/station-kit/use-online';
import styles from './bench-menu.module.css';
import { inBackground } from '@/station-kit/in-background';

const SAYS: Readonly<Record<KeptApp, string>> = {
  none: 'This browser does not keep the app. It needs the network to open, and keeps the bench all the same.',
  'being-kept': 'The app is being kept on this device. Stay on the network a moment.',
  kept: 'The app is kept on this device: it opens and runs with no network. Install it from the browser’s menu to have it among your apps.',
  newer: 'A newer Ruvek is kept and ready. Close every window of it and open it again.',
};

const LOOK_EVERY_MS = 1000;

const keeper = () => (typeof navigator === 'undefined' ? undefined : navigator.serviceWorker);

/** Whether the app opens with no network, as on the water. */
export function AppPart() {
  const isOnline = useOnline();
  const [kept, setKept] = useState<KeptApp | null>(null);
  useEffect(() => {
    let isLive = true;
    const look = () =>
      inBackground(
        readKeptApp(keeper()).then((now) => {
          if (isLive) setKept(now);
        }),
      );
    look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    return () => {
      isLive = false;
      clearInterval(timer);
    };
  }, []);
  if (kept === null) return null;
  return (
    <section className={styles.part}>
      <h3>With no network</h3>
      <p className={styles.quiet} role="status">
        {SAYS[kept]}
        {isOnline ? '' : ' There is no network now.'}
      </p>
    </section>
  );
}
