'use client';

import { Button } from 'antd';
import { useEffect, useState } from 'react';
import type { Offered } from '@/data/copy/keeper';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { useNotice } from '@/station-kit/use-notice';
import { momentText } from '@/text/date-text';
import { numberText } from '@/text/number-text';
import { wrap } from '@/ui/layout/layout';
import { useCopyStatus } from './copy-status';
import { keepingNow } from './keeping-now';
import styles from './saved-copy.module.css';

/** On a bench with nothing on it, the copy that was found: one press brings it back. */
export function BringBack() {
  const { workshop, view } = useBench();
  const isOff = useCopyStatus().is === 'off';
  const notice = useNotice();
  const isBare = view.bins.length === 0 && view.molds.length === 0 && view.tickets.length === 0;
  const [copy, setCopy] = useState<Offered | null>(null);
  useEffect(() => {
    if (!isBare || isOff) return undefined;
    let isLive = true;
    inBackground(
      keepingNow(workshop.now)
        .then((keeping) => keeping.newest())
        .then((found) => {
          if (isLive) setCopy(found);
        }),
    );
    return () => {
      isLive = false;
    };
  }, [isBare, isOff, workshop]);
  if (!isBare || !copy) return null;
  const bring = async () => {
    const isBack = await (await keepingNow(workshop.now)).bringBack();
    setCopy(null);
    if (isBack) notice.success('Your bench is back.');
    else notice.error('The copy could not be read any more.');
  };
  return (
    <section className={wrap(12, styles.offer)} aria-label="A saved copy">
      <p>
        <strong>There is a copy of {copy.bench ?? 'a bench'}</strong>, saved {momentText(copy.savedAt)}, with{' '}
        {numberText(copy.records)} records.
      </p>
      <Button type="primary" onClick={() => inBackground(bring())}>
        Bring it back
      </Button>
      <Button onClick={() => setCopy(null)}>Not now</Button>
    </section>
  );
}
