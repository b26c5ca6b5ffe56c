'use client';

import type { PourPlan } from '@/core/pours/pour-plan';
import { minutesText, useBench } from '../shared';
import styles from './pour.module.css';

interface SessionStripProps {
  readonly plan: PourPlan;
  readonly chosen: string | null;
  readonly onChoose: (moldId: string) => void;
}

/** The session along a time line: each block's warm-up and pours, as wide as they take. */
export function SessionStrip({ plan, chosen, onChoose }: SessionStripProps) {
  const { view } = useBench();
  return (
    <ol className={styles.session} aria-label="Session">
      {plan.runs.map((run) => {
        const mold = view.moldById.get(run.moldId);
        if (!mold) return null;
        const seconds = mold.setupSeconds + run.pours * mold.secondsPerPour;
        return (
          <li key={run.moldId} style={{ flexGrow: seconds }}>
            <button
              type="button"
              aria-pressed={chosen === run.moldId}
              className={styles.leg}
              onClick={() => onChoose(run.moldId)}
            >
              <span className={styles.legBar} aria-hidden="true">
                <i style={{ flexGrow: mold.setupSeconds }} className={styles.legSetup} />
                <i style={{ flexGrow: run.pours * mold.secondsPerPour }} className={styles.legPours} />
              </span>
              <strong>{mold.name}</strong>
              <small>
                {run.pours} pours, {minutesText(seconds)}
              </small>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
