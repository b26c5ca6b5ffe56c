'use client';

import { wrap } from '../layout/layout';
import type { Pour } from '@/records/run';
import styles from './pour-drawing.module.css';

interface PourMarksProps {
  readonly pours: readonly Pour[];
  readonly ahead: number;
  readonly chosen: string | null;
  readonly onChoose: (pourId: string) => void;
}

/** A mark a pour: poured, poured with a misfill, still to come. A tap on a mark looks at that pour again. */
export function PourMarks({ pours, ahead, chosen, onChoose }: PourMarksProps) {
  return (
    <>
      <ol className={wrap(2, styles.marks)} aria-label="Pours of this block">
        {pours.map((pour, index) => {
          const failed = pour.isWarmUp ? 0 : pour.castings.filter((casting) => !casting.good).length;
          const how = pour.isWarmUp ? ', warm-up' : failed > 0 ? `, ${failed} misfilled` : ', good';
          return (
            <li key={pour.id}>
              <button
                type="button"
                className={styles.markButton}
                data-failed={failed > 0}
                aria-pressed={pour.id === chosen}
                data-warm={pour.isWarmUp}
                aria-label={`Pour ${index + 1}${how}`}
                onClick={() => onChoose(pour.id)}
              >
                {failed > 0 ? '×' : pour.isWarmUp ? '~' : ''}
              </button>
            </li>
          );
        })}
        {Array.from({ length: ahead }, (_, index) => (
          <li key={`ahead ${index}`} className={styles.markAhead} aria-hidden="true" />
        ))}
      </ol>
      <p className="quiet">
        each mark is a pour · ~ warmed the block and went back · × had a misfill, which is poured again · tap
        a mark to look at it again
      </p>
    </>
  );
}
