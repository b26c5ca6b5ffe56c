'use client';

import { apart, wrap } from '@/ui/layout/layout';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import { useBench } from '../BenchProvider';
import { BIN_GONE, type AmountOf } from './card-run-kind';
import type { MassUnit } from '@/core/units/write-mass';
import { useUnits } from '@/ui/units/use-units';
import { useNow } from '../use-now';
import { minutesText } from '@/text/words';
import type { Taken } from './card-run-kind';
import styles from './runs.module.css';

interface RunSideProps<Amount extends Taken> {
  readonly name: string;
  /** `built`, `made`. */
  readonly word: string;
  readonly run: {
    readonly count: number;
    readonly seconds: number;
    readonly inHand: number | null;
    readonly taken: readonly Amount[];
  };
  readonly done: number;
  readonly amountText: (amount: Amount, of: AmountOf, mass: MassUnit) => string;
  readonly checks: readonly string[];
  readonly tools: readonly string[];
  readonly onEnd: () => void;
  readonly onRest: (isResting: boolean) => void;
  /** What else can be done with it. */
  readonly more?: ReactNode;
  /** The card. */
  readonly children: ReactNode;
}

const TICK_MS = 10_000;

/** A run under way: its card, and beside it how far it is, what was taken for it, what to have by hand. */
export function RunSide<Amount extends Taken>(props: RunSideProps<Amount>) {
  const { name, word, run, done, amountText, checks, tools, onEnd, onRest, children } = props;
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const now = useNow(workshop.now, TICK_MS);
  const seconds = run.seconds + (run.inHand === null ? 0 : Math.max(0, (now - run.inHand) / 1000));
  return (
    <div className={apart(24, styles.run)}>
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
          {done > 0 ? `, ${minutesText(seconds / done)} each` : ''}
        </p>
        <div className={wrap(8)}>
          <Button type="primary" onClick={onEnd}>
            End the run
          </Button>
          <Button onClick={() => onRest(run.inHand !== null)}>
            {run.inHand === null ? 'Take it in hand' : 'Lay it aside'}
          </Button>
          {props.more}
        </div>
        <h4>Taken for it</h4>
        <ul>
          {run.taken.map((amount) => (
            <li key={amount.binId}>{amountText(amount, view.binById.get(amount.binId) ?? BIN_GONE, mass)}</li>
          ))}
        </ul>
        <h4>Look at before it counts</h4>
        <ul>
          {checks.map((check) => (
            <li key={check}>{check}</li>
          ))}
        </ul>
        <h4>By hand</h4>
        <p className="quiet">{tools.join(', ')}</p>
      </aside>
    </div>
  );
}
