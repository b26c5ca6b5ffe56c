'use client';

import { apart } from '@/ui/layout/layout';
import { dayText } from '@/text/date-text';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { Gives } from '@/model/stock/gives';
import { GivesFigure } from '../figures/GivesFigure';
import { sum } from '@/core/numeric/sum';
import { minutesText } from '@/text/words';
import styles from './runs.module.css';

/** Something that can be made now, and how often the shelf gives it. */
export interface Given {
  readonly id: string;
  readonly name: string;
  readonly picture: ReactNode;
  readonly gives: Gives;
  /** How many lie there made already, in words. */
  readonly lies?: string | null;
  readonly onMake: () => void;
}

interface ShelfGivesProps {
  readonly rows: readonly Given[];
  /** `Build`, `Make`: what the button says. */
  readonly verb: string;
  /** Said where nothing is kept yet. */
  readonly none: ReactNode;
}

/** What the shelf gives now, the most first. */
export function ShelfGives({ rows, verb, none }: ShelfGivesProps) {
  return (
    <section aria-label="From the shelf now">
      <h3>What the shelf gives now</h3>
      {rows.length === 0 ? none : null}
      <ul className={apart(10, styles.gives)}>
        {[...rows]
          .sort((a, b) => b.gives.count - a.gives.count)
          .map(({ id, name, picture, gives, lies, onMake }) => (
            <li key={id}>
              {picture}
              <span>
                <strong>{name}</strong>
                <small>
                  {gives.count === 0 && gives.limiting.length > 0 ? (
                    <>
                      Can’t {verb.toLowerCase()} one: short of{' '}
                      <GivesFigure gives={gives}>{gives.limiting.slice(0, 2).join(' and ')}</GivesFigure>
                    </>
                  ) : (
                    <>
                      <GivesFigure gives={gives} /> from the shelf
                      {gives.limiting.length > 0
                        ? `; ${gives.limiting.slice(0, 2).join(' and ')} ${gives.limiting.length === 1 ? 'runs' : 'run'} out first`
                        : ''}
                    </>
                  )}
                </small>
                {lies ? <small>{lies}</small> : null}
              </span>
              <Button
                aria-label={gives.count === 0 ? `${verb} ${name}: what is short` : `${verb} ${name}`}
                onClick={onMake}
              >
                {gives.count === 0 ? 'What is short' : verb}
              </Button>
            </li>
          ))}
      </ul>
    </section>
  );
}

interface PastRun {
  readonly id: string;
  readonly no: number;
  readonly passed: number;
  readonly failed: readonly { readonly reason: string; readonly count: number }[];
  readonly startedAt: number;
  readonly seconds: number;
}

interface RunsSoFarProps<Run extends PastRun> {
  readonly runs: readonly Run[];
  readonly nameOf: (run: Run) => string;
  /** What can be done with one: print its labels. */
  readonly actionsOf: (run: Run) => ReactNode;
  readonly children?: ReactNode;
}

const MOST_RUNS = 8;

/** Runs that ended with something made, the latest first. */
export function RunsSoFar<Run extends PastRun>({ runs, nameOf, actionsOf, children }: RunsSoFarProps<Run>) {
  if (runs.length === 0) return null;
  return (
    <section aria-label="Runs so far">
      <h3>Runs so far</h3>
      {children}
      <ul className={styles.past}>
        {[...runs]
          .sort((a, b) => b.no - a.no)
          .slice(0, MOST_RUNS)
          .map((run) => {
            const failed = sum(run.failed.map(({ count }) => count));
            return (
              <li key={run.id}>
                <strong>
                  Run {run.no}: {run.passed} × {nameOf(run)}
                </strong>
                <span>{dayText(run.startedAt)}</span>
                <span>{minutesText(run.seconds / Math.max(1, run.passed + failed))} each</span>
                {failed > 0 ? (
                  <span>
                    {failed} failed: {run.failed.map(({ reason }) => reason).join(', ')}
                  </span>
                ) : null}
                {actionsOf(run)}
              </li>
            );
          })}
      </ul>
    </section>
  );
}
