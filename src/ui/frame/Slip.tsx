'use client';

import { LeftOutlined, RightOutlined } from '@ant-design/icons';
import type { ReactNode } from 'react';
import { tornEdge } from '@/drawing/torn-edge';
import styles from './slip.module.css';

const EDGE_WIDTH = 280;
const EDGE = tornEdge(EDGE_WIDTH, 14, 6);

/** The paper slip: what is in hand, what it takes, what holds it up, what to mind. Folds away. */
export function Slip(props: { isFolded: boolean; onFold: (isFolded: boolean) => void; children: ReactNode }) {
  const { isFolded, onFold, children } = props;
  return (
    <div className={isFolded ? styles.folded : styles.slip}>
      <button
        type="button"
        className={styles.fold}
        aria-expanded={!isFolded}
        onClick={() => onFold(!isFolded)}
        aria-label={isFolded ? 'Unfold the slip' : 'Fold the slip away'}
      >
        {isFolded ? <LeftOutlined /> : <RightOutlined />}
        {isFolded ? <span className={styles.foldWord}>Slip</span> : null}
      </button>
      {isFolded ? null : (
        <>
          <div className={styles.paper}>{children}</div>
          <svg
            className={styles.edge}
            viewBox={`0 0 ${EDGE_WIDTH} 7`}
            preserveAspectRatio="none"
            aria-hidden="true"
          >
            <path d={EDGE} />
          </svg>
        </>
      )}
    </div>
  );
}

/** A row of the slip: what, and how much. */
export function SlipRow({ name, children }: { name: ReactNode; children: ReactNode }) {
  return (
    <div className={styles.row}>
      <span>{name}</span>
      <span className={styles.value}>{children}</span>
    </div>
  );
}

export function SlipPart({ children, label }: { children: ReactNode; label?: string }) {
  return (
    <section className={styles.part} aria-label={label}>
      {children}
    </section>
  );
}

/** A remark with a colored edge: a hold-up, a hint or a caution; the word before says which. */
export function SlipNote({ tone, children }: { tone: 'stop' | 'mind' | 'go' | 'care'; children: ReactNode }) {
  const words = { stop: 'Held up: ', mind: 'Mind: ', go: '', care: '' };
  return (
    <p className={[styles.note, styles[tone]].join(' ')}>
      <span className="unseen">{words[tone]}</span>
      {children}
    </p>
  );
}

export function SlipTitle({ over, children }: { over: string; children: ReactNode }) {
  return (
    <header className={styles.title}>
      <p>{over}</p>
      <h2>{children}</h2>
    </header>
  );
}
