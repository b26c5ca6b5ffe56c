'use client';

import { dayText } from '@/text/date-text';
import { Button } from 'antd';
import { useState } from 'react';
import { massText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { potLedger, type PotEntry } from '@/model/metals/pot-ledger';
import styles from './metal.module.css';

const FIRST = 6;

const PARTS: readonly { key: 'pouredG' | 'returnedG' | 'drossG' | 'leftG'; word: string }[] = [
  { key: 'pouredG', word: 'poured' },
  { key: 'returnedG', word: 'returned' },
  { key: 'drossG', word: 'dross' },
  { key: 'leftG', word: 'left' },
];

/** The pot's books: each run and melt as one bar, charged to scale, split into where it went. */
export function PotLedger() {
  const { view } = useBench();
  const [isAll, setIsAll] = useState(false);
  const entries = potLedger(view.runs, view.melts, view.binById);
  const most = Math.max(1, ...entries.map(({ chargedG }) => chargedG));
  if (entries.length === 0) {
    return (
      <p className="quiet">The pot has no history yet: book a run or melt a blend, and it stands here.</p>
    );
  }
  return (
    <section aria-label="Pot ledger" className={styles.ledger}>
      <header>
        <h2>What the pot took and gave</h2>
        <ul className={styles.ledgerKey} aria-hidden="true">
          {PARTS.map(({ key, word }) => (
            <li key={key}>
              <i data-part={key} />
              {word}
            </li>
          ))}
        </ul>
      </header>
      <ol>
        {entries.slice(0, isAll ? entries.length : FIRST).map((entry) => (
          <LedgerLine key={entry.id} entry={entry} most={most} />
        ))}
      </ol>
      {entries.length > FIRST ? (
        <Button type="text" size="small" onClick={() => setIsAll(!isAll)}>
          {isAll ? 'Show the last few' : `Show all ${entries.length}`}
        </Button>
      ) : null}
    </section>
  );
}

function LedgerLine({ entry, most }: { entry: PotEntry; most: number }) {
  const { mass } = useUnits();
  const m = (massG: number) => massText(massG, mass);
  const told = PARTS.filter(({ key }) => entry[key] > 0).map(({ key, word }) => `${word} ${m(entry[key])}`);
  return (
    <li>
      <span className={styles.ledgerName}>
        <strong>{entry.title}</strong>
        <small>
          {dayText(entry.at)}, {entry.metal}
        </small>
      </span>
      <span className={styles.ledgerCharge}>{m(entry.chargedG)}</span>
      <span
        className={styles.ledgerTrack}
        role="img"
        aria-label={`charged ${m(entry.chargedG)}: ${told.join(', ')}`}
      >
        <span className={styles.ledgerBar} style={{ width: `${(entry.chargedG / most) * 100}%` }}>
          {PARTS.map(({ key }) =>
            entry[key] > 0 ? <i key={key} data-part={key} style={{ flexGrow: entry[key] }} /> : null,
          )}
        </span>
      </span>
      <small className={styles.ledgerTold}>{told.join(', ')}</small>
    </li>
  );
}
