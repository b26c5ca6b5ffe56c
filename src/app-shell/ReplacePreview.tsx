'use client';

import { wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import type { TableDifference } from '@/data/exchange/backup';
import type { BenchContents } from '@/records/bench-file';
import { ChangeTable } from './ChangeTable';
import styles from './bench-menu.module.css';

/** A bench that could stand in this one's place. */
export interface Pending {
  readonly title: string;
  readonly contents: BenchContents;
  readonly differences: readonly TableDifference[];
}

/** What would change if another bench stood here. */
export function ReplacePreview({
  pending,
  onGo,
  onLeave,
}: {
  pending: Pending;
  onGo: () => void;
  onLeave: () => void;
}) {
  const changed = pending.differences.filter(
    ({ added, changed: other, removed }) => added + other + removed > 0,
  );
  return (
    <section className={styles.preview} aria-label="What would change">
      <h3>{pending.title}</h3>
      {changed.length === 0 ? (
        <p>It holds just what is on the bench now. Nothing would change.</p>
      ) : (
        <ChangeTable rows={changed} />
      )}
      <div className={wrap(8, styles.row)}>
        <Button type="primary" onClick={onGo} disabled={changed.length === 0}>
          Replace the bench
        </Button>
        <Button onClick={onLeave}>Cancel</Button>
      </div>
    </section>
  );
}
