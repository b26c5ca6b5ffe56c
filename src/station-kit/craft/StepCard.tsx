'use client';

import { LeftOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { BuildStep } from '@/core/builds/kinds/definition';
import type { BuildPlace, BuildWay } from '@/core/builds/turn-build-card';
import { useWidth } from '@/ui/use-width';
import { HandSwitch } from './HandSwitch';
import styles from './run.module.css';
import { useKeyMap } from '../key-map';
import { CARD_KEYS } from './keys';

interface StepCardProps {
  /** What one of them is called: `Bait`. */
  readonly piece: string;
  readonly run: {
    readonly card: BuildPlace;
    readonly count: number;
    readonly way: BuildWay;
    readonly isThrough: boolean;
  };
  readonly steps: readonly BuildStep[];
  /** The piece as far as it is, drawn so wide. */
  readonly picture: (step: BuildStep, at: number, widthPx: number) => ReactNode;
  readonly through: { readonly title: string; readonly how: string; readonly press: string };
  readonly onGo: () => void;
  readonly onBack: () => void;
}

/** One step at a time, large, with the piece as far as it is; one key or a knuckle goes on. */
export function StepCard({ piece, run, steps, picture, through, onGo, onBack }: StepCardProps) {
  const [ref, width] = useWidth<HTMLDivElement>(420);
  const { card, count, way, isThrough } = run;
  const at = Math.min(card.step, Math.max(0, steps.length - 1));
  const step = steps[at];
  const go = () => {
    if (!isThrough) onGo();
  };
  useKeyMap(CARD_KEYS, { go, back: () => onBack() });
  if (!step) return null;
  const counts = step.count?.times ?? 0;
  const nth = `${Math.min(card.bait + 1, count)} of ${count}`;
  return (
    <section className={styles.card} aria-label="Step card">
      <header>
        <p>
          {way === 'one-by-one'
            ? `${piece} ${nth}, step ${at + 1} of ${steps.length}`
            : `Step ${at + 1} of ${steps.length}, ${piece.toLowerCase()} ${nth}`}
        </p>
        <HandSwitch />
      </header>
      <ol className={styles.track} aria-label="Steps">
        {steps.map((each, index) => (
          <li
            key={each.id}
            data-now={!isThrough && index === at}
            data-done={isThrough || index < at}
            aria-label={each.title}
          />
        ))}
      </ol>
      <div className={styles.body}>
        <div ref={ref} className={styles.picture}>
          {picture(step, at, width)}
        </div>
        <div className={styles.words}>
          <h2 aria-live="polite">{isThrough ? through.title : step.title}</h2>
          <p>{isThrough ? through.how : step.how}</p>
          {counts > 0 && step.count && !isThrough ? (
            <p className={styles.count} aria-live="polite">
              <strong>{card.counted}</strong> of {counts} <span>{step.count.of}</span>
            </p>
          ) : null}
          {step.dries && !isThrough ? (
            <p className={styles.dries}>
              {step.dries.what}: {step.dries.minutes} min. A clock starts with the last one.
            </p>
          ) : null}
          {step.mistakes.length > 0 && !isThrough ? (
            <ul className={styles.mistakes} aria-label="What goes wrong here">
              {step.mistakes.map((mistake) => (
                <li key={mistake}>{mistake}</li>
              ))}
            </ul>
          ) : null}
        </div>
      </div>
      <div className={styles.pressRow}>
        <Button
          icon={<LeftOutlined />}
          onClick={onBack}
          disabled={at === 0 && card.bait === 0 && card.counted === 0}
          aria-label="One back"
        />
        <button type="button" className={styles.go} onClick={go} disabled={isThrough}>
          {counts > 0
            ? `Count ${Math.min(counts, card.counted + 1)}`
            : way === 'one-by-one' && at + 1 === steps.length
              ? through.press
              : 'Done, next'}
        </button>
      </div>
      <p className="quiet">Space counts and goes on · Backspace takes one back</p>
    </section>
  );
}
