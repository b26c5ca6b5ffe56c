'use client';

import { line } from '../layout/layout';
import { ringSegment, type RingBox } from '@/drawing/beat-ring';
import type { HandBlock } from './hand-block';
import styles from './beat.module.css';

const BOX: RingBox = { middle: 150, outer: 112, inner: 92 };

interface BeatControlProps {
  readonly hand: HandBlock;
  /** What this pour is, under the word: `12 left`, `warm-up 1 of 2`. */
  readonly under: string;
  readonly onPress: () => void;
  readonly onEarly: () => void;
}

/** The beat of the block in hand as a ring of its steps, with the one control that moves it on. */
export function BeatControl({ hand, under, onPress, onEarly }: BeatControlProps) {
  const { school, facts, stand } = hand;
  const steps = school.steps.filter((step) => !step.isSkipped?.(facts));
  const at = steps.findIndex(({ id }) => id === stand.step.id);
  const isBrief = stand.step.kind === 'brief';
  const secondsLeft = stand.leftS === null ? null : Math.ceil(stand.leftS);
  const isLate = isBrief && (stand.leftS ?? 0) <= 0;
  const share = stand.ofS && stand.leftS !== null ? 1 - stand.leftS / stand.ofS : 1;
  const word = isBrief ? (facts.warmWork?.what ?? stand.step.word) : stand.step.word;
  return (
    <div className={styles.beat}>
      <div className={styles.dial}>
        <svg viewBox="-14 0 328 300" className={styles.ring} aria-hidden="true">
          {steps.map((step, index) => {
            const { path, word: place } = ringSegment(BOX, index, steps.length);
            const state = index < at ? 'done' : index === at ? 'now' : 'ahead';
            return (
              <g key={step.id}>
                <path d={path} data-state={state === 'now' && !stand.isDue ? 'waiting' : state} />
                {state === 'now' && !stand.isDue ? (
                  <path d={ringSegment(BOX, index, steps.length, share).path} data-state="now" />
                ) : null}
                <text x={place.x} y={place.y + 4} textAnchor={place.anchor} data-state={state}>
                  {step.word.split(' ')[0]}
                </text>
              </g>
            );
          })}
        </svg>
        <button
          type="button"
          className={line(0, styles.press)}
          data-waiting={!stand.isDue}
          data-late={isLate}
          aria-disabled={!stand.isDue && school.id !== 'tally'}
          onClick={onPress}
        >
          {stand.isDue || school.id === 'tally' ? (
            <>
              <span className={styles.word} data-long={word.length > 8}>
                {school.id === 'tally' ? 'Pour' : word}
              </span>
              {isBrief && secondsLeft !== null ? (
                <span className={styles.under}>{isLate ? 'too cold by now' : `${secondsLeft} s left`}</span>
              ) : (
                <span className={styles.under}>
                  {!stand.isDue && secondsLeft !== null ? `freezing, ${secondsLeft} s` : under}
                </span>
              )}
              <span className={styles.key}>space</span>
            </>
          ) : (
            <>
              <span className={styles.under}>{stand.step.word.toLowerCase()}</span>
              <span className={styles.seconds}>{secondsLeft}</span>
              <span className={styles.under}>
                {secondsLeft === 1 ? 'second' : 'seconds'} of {Math.round(stand.ofS ?? 0)}
              </span>
            </>
          )}
        </button>
      </div>
      {!stand.isDue && stand.step.mayEndEarly && school.id !== 'tally' ? (
        <button type="button" className={styles.early} onClick={onEarly}>
          It is frozen, open it now
        </button>
      ) : null}
    </div>
  );
}
