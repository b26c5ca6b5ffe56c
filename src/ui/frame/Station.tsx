'use client';

import type { ReactNode } from 'react';
import { Slip } from './Slip';
import styles from './frame.module.css';

interface StationProps {
  readonly title: ReactNode;
  /** Which part of the station shows, for those who go by headings. */
  readonly part?: string | undefined;
  readonly sub?: ReactNode;
  readonly actions?: ReactNode;
  readonly slip: ReactNode;
  readonly isSlipFolded: boolean;
  readonly onFold: (isFolded: boolean) => void;
  readonly children: ReactNode;
}

/** A station's floor: its head, the thing in the middle, and the slip beside it. */
export function Station({ title, part, sub, actions, slip, isSlipFolded, onFold, children }: StationProps) {
  return (
    <div className={styles.floor} data-folded={isSlipFolded}>
      <main className={styles.work} id="work" tabIndex={-1}>
        <header className={styles.workHead}>
          <h1>{title}</h1>
          {part ? <h2 className="unseen">{part}</h2> : null}
          {sub ? <p>{sub}</p> : null}
          {actions ? <div className={styles.actions}>{actions}</div> : null}
        </header>
        {children}
      </main>
      <aside className={styles.slipRail} aria-label="Slip">
        <Slip isFolded={isSlipFolded} onFold={onFold}>
          {slip}
        </Slip>
      </aside>
    </div>
  );
}
