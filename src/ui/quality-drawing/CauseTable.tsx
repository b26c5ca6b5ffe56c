'use client';

import { useUnits } from '../units/use-units';
import { proseIn } from '@/text/prose-in';
import { row, stack } from '../layout/layout';
import { Select } from 'antd';
import { useState } from 'react';
import { CAUSE_IDS, SYMPTOMS, type Symptom } from '@/core/quality/causes/cause';
import { findCause } from '@/core/quality/causes/causes';
import { TRADE_TABLE } from '@/core/quality/causes/trade-table';
import { findFlaw } from '@/core/quality/flaws';
import type { LearnedCauses } from '@/core/quality/causes/learn-causes';
import { Figure } from '../figure/Figure';
import { causeShareWorking } from './quality-working';
import styles from './cause-table.module.css';

const SHOWN = 6;

/** What a symptom is called: `Wrinkled`, `Too light`. */
export function symptomName(symptom: Symptom): string {
  if (symptom === 'light') return 'Too light';
  if (symptom === 'heavy') return 'Too heavy';
  return findFlaw(symptom).name;
}

/** What each flaw comes of at this bench: the trade's rules, moved by its own runs. */
export function CauseTable({ learned }: { learned: LearnedCauses }) {
  const units = useUnits();
  const [symptom, setSymptom] = useState<Symptom>('wrinkled');
  const shares = learned.table[symptom];
  const trade = TRADE_TABLE[symptom];
  const causes = [...CAUSE_IDS].sort((a, b) => shares[b] - shares[a]).slice(0, SHOWN);
  const widest = Math.max(...CAUSE_IDS.map((id) => Math.max(shares[id], trade[id])));
  const own = Math.round(learned.ownShare[symptom] * 100);
  return (
    <section aria-label="What flaws come of">
      <header className={row(10, styles.head)}>
        <h3>Comes of</h3>
        <Select
          aria-label="Flaw"
          value={symptom}
          popupMatchSelectWidth={false}
          options={SYMPTOMS.map((value) => ({ value, label: symptomName(value) }))}
          onChange={setSymptom}
        />
      </header>
      <ol className={stack(2, styles.rows)}>
        {causes.map((id) => (
          <li key={id}>
            <strong title={proseIn(findCause(id).mend, units)}>{findCause(id).name}</strong>
            <svg
              viewBox="0 0 200 16"
              preserveAspectRatio="none"
              role="img"
              aria-label={`here ${Math.round(shares[id] * 100)} %, in the trade ${Math.round(trade[id] * 100)} %`}
            >
              <rect x="0" y="4" width={(shares[id] / widest) * 200} height="8" className={styles.cause} />
              <path d={`M${(trade[id] / widest) * 200} 1V15`} className={styles.trade} />
            </svg>
            <b>
              <Figure working={causeShareWorking(findCause(id).name, shares[id], trade[id], own)}>
                {Math.round(shares[id] * 100)} %
              </Figure>
            </b>
          </li>
        ))}
      </ol>
      <p className="quiet">
        {own === 0
          ? 'The trade’s rules, as nothing of your own speaks yet. The mark is the trade.'
          : `${own} % of this row comes of your own runs; the mark is the trade’s rule.`}
      </p>
    </section>
  );
}
