'use client';

import { useUnits } from '../units/use-units';
import { proseIn } from '@/text/prose-in';
import { row } from '../layout/layout';
import { Button } from 'antd';
import { useState } from 'react';
import type { CauseId, Symptom } from '@/core/quality/causes/cause';
import { findCause } from '@/core/quality/causes/causes';
import type { Clues } from '@/core/quality/causes/clues';
import { nextCheck } from '@/core/quality/causes/next-check';
import type { CauseTable } from '@/core/quality/causes/trade-table';
import { weighCauses, type Answer } from '@/core/quality/causes/weigh-causes';
import { Figure } from '../figure/Figure';
import { likelyCauseWorking } from './quality-working';
import styles from './quality-drawing.module.css';

interface CausesPartProps {
  readonly symptom: Symptom;
  readonly clues: Clues;
  readonly table: CauseTable;
  readonly onFound: (cause: CauseId) => void;
}

const SHOWN = 4;
/** Under this nobody would look first. */
const LEAST_SHARE = 0.03;

/** Likely causes in order, and the one check that would tell them apart best; answers move the order. */
export function CausesPart({ symptom, clues, table, onFound }: CausesPartProps) {
  const units = useUnits();
  const [answers, setAnswers] = useState<readonly Answer[]>([]);
  const causes = weighCauses(table, symptom, clues, answers);
  const check = nextCheck(causes, answers);
  const answer = (isYes: boolean) => {
    if (check) setAnswers([...answers, { check: check.id, isYes }]);
  };
  return (
    <div className={styles.causes}>
      <ol aria-label="Likely causes">
        {causes
          .slice(0, SHOWN)
          .filter(({ share }, index) => index === 0 || share >= LEAST_SHARE)
          .map(({ cause, share }) => (
            <li key={cause}>
              <span className={styles.share} style={{ width: `${Math.round(share * 100)}%` }} />
              <strong>{findCause(cause).name}</strong>
              <span className={styles.percent}>
                <Figure
                  working={likelyCauseWorking(
                    findCause(cause).name,
                    share,
                    table[symptom][cause],
                    answers.length,
                  )}
                >
                  {Math.round(share * 100)} %
                </Figure>
              </span>
              <small>{proseIn(findCause(cause).mend, units)}</small>
              <Button
                size="small"
                onClick={() => onFound(cause)}
                aria-label={`It was this: ${findCause(cause).name}`}
              >
                It was this
              </Button>
            </li>
          ))}
      </ol>
      {check ? (
        <div className={row(8, styles.check)} role="group" aria-label="Next check">
          <p>
            <small>The check that tells most</small>
            <strong>{check.ask}</strong>
          </p>
          <Button onClick={() => answer(true)}>Yes</Button>
          <Button onClick={() => answer(false)}>No</Button>
        </div>
      ) : (
        <p className="quiet">No further check would tell much.</p>
      )}
      {answers.length > 0 ? (
        <Button type="link" size="small" onClick={() => setAnswers(answers.slice(0, -1))}>
          Take the last answer back
        </Button>
      ) : null}
    </div>
  );
}
