'use client';

import { countText } from '@/text/count-text';
import { wrap } from '../layout/layout';
import type { RunHands } from './hand-block';
import styles from './beat.module.css';

interface HandBlocksProps {
  readonly hands: RunHands;
  readonly onTakeIn: (index: number, isIn: boolean) => void;
}

/** The blocks of the run: which are in hand, what each waits for, which one is next. A tap takes one in or puts it by. */
export function HandBlocks({ hands, onTakeIn }: HandBlocksProps) {
  if (hands.blocks.length < 2) return null;
  return (
    <ol className={wrap(8, styles.blocks)} aria-label="Blocks of this run">
      {hands.blocks.map((block) => {
        const { stand, count, mold, isIn, isDone, index } = block;
        const isNow = block === hands.now;
        const says = isDone
          ? 'has cast its share'
          : !isIn
            ? `${countText(count.ahead.length, 'pour')} to come`
            : stand.isDue
              ? stand.step.word.toLowerCase()
              : `${stand.step.word.toLowerCase()}, ${Math.ceil(stand.leftS ?? 0)} s`;
        return (
          <li key={mold.id}>
            <button
              type="button"
              className={styles.block}
              aria-pressed={isIn && !isDone}
              data-now={isNow}
              disabled={isDone}
              onClick={() => onTakeIn(index, !isIn)}
            >
              <strong>{mold.name}</strong>
              <span>{isNow ? `now: ${says}` : block === hands.next ? `next: ${says}` : says}</span>
              <small>
                {count.poured} of {count.poured + count.ahead.length} pours
              </small>
            </button>
          </li>
        );
      })}
    </ol>
  );
}
