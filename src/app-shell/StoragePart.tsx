'use client';

import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { numberText } from '@/text/number-text';
import styles from './bench-menu.module.css';
import { inBackground } from '@/station-kit/in-background';

interface Room {
  readonly usedMb: number;
  readonly quotaMb: number | null;
  readonly isKept: boolean;
}

const MB = 1024 * 1024;

async function readRoom(): Promise<Room | null> {
  if (typeof navigator === 'undefined' || !('storage' in navigator)) return null;
  const { usage = 0, quota } = await navigator.storage.estimate();
  return {
    usedMb: usage / MB,
    quotaMb: quota === undefined ? null : quota / MB,
    isKept: await navigator.storage.persisted(),
  };
}

/** How much room the bench takes in this browser, and whether the browser may clear it away. */
export function StoragePart() {
  const [room, setRoom] = useState<Room | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  useEffect(() => {
    inBackground(readRoom().then(setRoom));
  }, []);
  if (!room) return null;
  const ask = async () => {
    const isGranted = await navigator.storage.persist();
    setRoom(await readRoom());
    setSaid(
      isGranted ? null : 'The browser did not agree yet. Install the app or use it more, and ask again.',
    );
  };
  return (
    <section className={styles.part}>
      <h3>Room in this browser</h3>
      <p className={styles.quiet}>
        {numberText(room.usedMb, 3)} MB taken
        {room.quotaMb === null ? '' : ` of ${numberText(room.quotaMb, 3)} MB`}.{' '}
        {room.isKept
          ? 'The browser keeps it until you clear it yourself.'
          : 'The browser may clear it when space is short.'}
      </p>
      {room.isKept ? null : <Button onClick={() => inBackground(ask())}>Ask the browser to keep it</Button>}
      {said ? <p role="status">{said}</p> : null}
    </section>
  );
}
