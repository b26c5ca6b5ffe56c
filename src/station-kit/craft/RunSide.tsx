'use client';

import { Button } from 'antd';
import type { ReactNode } from 'react';
import { useBench } from '../BenchProvider';
import { useNow } from '../use-now';
import { minutesText } from '../words';
import styles from './runs.module.css';

interface RunSideProps {
  readonly name: string;
  /** `built`, `made`. */
  readonly word: string;
  readonly run: {
    readonly count: number;
    readonly seconds: number;
    readonly inHand: number | null;
    readonly taken: readonly { readonly binId: string; readonly qty: number }[];
  };
  readonly done: number;
  readonly tools: readonly string[];
  readonly onEnd: () => void;
  readonly onRest: (isResting: boolean) => void;
  /** The card. */
  readonly children: ReactNode;
}

const TICK_MS = 10_000;

/** A run under way: its card, and beside it how far it is, what was taken for it, what to have by hand. */
export function RunSide({ name, word, run, done, tools, onEnd, onRest, children }: RunSideProps) {
  const { view, workshop } = useBench();
  const now = useNow(workshop.now, TICK_MS);
  const seconds = run.seconds + (run.inHand === null ? 0 : Math.max(0, (now - run.inHand) / 1000));
  return (
    <div className={styles.run}>
      {children}
      <aside className={styles.side} aria-label="This run">
        <h3>
          {run.count} × {name}
        </h3>
        <p>
          <strong>
            {done} of {run.count}
          </strong>{' '}
          {word}, {minutesText(seconds)} at it
        </p>
        <div className={styles.hands}>
          <Button type="primary" onClick={onEnd}>
            End the run
          </Button>
          <Button onClick={() => onRest(run.inHand !== null)}>
            {run.inHand === null ? 'Take it in hand' : 'Lay it aside'}
          </Button>
        </div>
        <h4>Taken for it</h4>
        <ul>
          {run.taken.map(({ binId, qty }) => (
            <li key={binId}>
              {qty} × {view.binById.get(binId)?.name ?? 'a bin gone'}
            </li>
          ))}
        </ul>
        <h4>By hand</h4>
        <p className="quiet">{tools.join(', ')}</p>
      </aside>
    </div>
  );
}
