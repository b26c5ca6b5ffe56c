'use client';

import { row } from '@/ui/layout/layout';
import { Segmented } from '@/ui/choice/Segmented';
import { setPreferences, usePreferences } from '@/station-kit/preferences-store';
import styles from './pour.module.css';

/** How many blocks are worked at once: while one freezes the next is opened. */
export function BlocksInHand() {
  const { blocksInHand } = usePreferences();
  return (
    <p className={row(0, styles.unproven)}>
      Blocks in hand at once{' '}
      <Segmented<number>
        aria-label="Blocks in hand at once"
        size="small"
        value={blocksInHand}
        options={[1, 2, 3]}
        onChange={(count) => setPreferences({ blocksInHand: count })}
      />{' '}
      <span className="quiet">while one freezes, the next is worked</span>
    </p>
  );
}
