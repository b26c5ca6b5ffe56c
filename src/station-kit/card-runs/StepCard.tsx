'use client';

import { apart, column, stack, wrap } from '@/ui/layout/layout';
import { LeftOutlined, RightOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { CardStep } from '@/core/card-runs/card-step';
import type { CardProgress } from '@/core/card-runs/turn-card';
import { useWidth } from '@/ui/use-width';
import { useFreeSpace } from '../use-free-space';
import { useKeyMap } from '../key-map';
import { HandSwitch } from './HandSwitch';
import { SpeechSwitch } from './SpeechSwitch';
import { CARD_KEYS } from './keys';
import styles from './run.module.css';

interface StepCardProps {
  /** What one of them is called: `Bait`. */
  readonly piece: string;
  /** On the press that ends a piece: `Built`. */
  readonly last: string;
  readonly run: CardProgress;
  readonly steps: readonly CardStep[];
  /** The piece as far as it is, drawn so wide. */
  readonly picture: (step: CardStep, at: number, widthPx: number) => ReactNode;
  readonly through: { readonly title: string; readonly how: string };
  readonly onGo: () => void;
  /** The step was done in one go: for all pieces, or with all that it counts. */
  readonly onPass: () => void;
  readonly onBack: () => void;
  readonly onTurn: (step: number) => void;
}

/** One step at a time, large, with the piece as far as it is; one key or a knuckle goes on. */
export function StepCard(props: StepCardProps) {
  const { piece, last, run, steps, picture, through, onGo, onPass, onBack, onTurn } = props;
  const [ref, width] = useWidth<HTMLDivElement>(420);
  const { card, count, way, isThrough } = run;
  const at = Math.min(card.step, Math.max(0, steps.length - 1));
  const step = steps[at];
  const go = () => {
    if (!isThrough) onGo();
  };
  const turn = (to: number) => {
    if (!isThrough && to >= 0 && to < steps.length) onTurn(to);
  };
  const allOf = step && !isThrough ? wholeStep(run, step) : null;
  useFreeSpace();
  useKeyMap(CARD_KEYS, {
    go,
    pass: allOf === null ? null : onPass,
    on: () => turn(at + 1),
    turnBack: () => turn(at - 1),
    back: onBack,
  });
  if (!step) return null;
  const counts = step.count?.times ?? 0;
  const nth = `${Math.min(card.piece + 1, count)} of ${count}`;
  return (
    <section className={column(12, styles.card)} aria-label="Step card">
      <header>
        <p>
          {way === 'one-by-one'
            ? `${piece} ${nth}, step ${at + 1} of ${steps.length}`
            : `Step ${at + 1} of ${steps.length}, ${piece.toLowerCase()} ${nth}`}
        </p>
        <span className={wrap(8)}>
          <SpeechSwitch text={spokenOf(isThrough ? through : step, counts, card.counted)} />
          <HandSwitch />
        </span>
      </header>
      <ol className={styles.track} aria-label="Steps">
        {steps.map((each, index) => (
          <li key={each.id} data-now={!isThrough && index === at} data-done={isThrough || index < at}>
            <button
              type="button"
              onClick={() => turn(index)}
              aria-label={`Step ${index + 1}: ${each.title}`}
            />
          </li>
        ))}
      </ol>
      <div className={apart(20, styles.body)}>
        <div ref={ref} className={styles.picture}>
          {picture(step, at, width)}
        </div>
        <div className={styles.words}>
          <h2 aria-live="polite">{isThrough ? through.title : step.title}</h2>
          <p>{isThrough ? through.how : step.how}</p>
          {isThrough ? null : <StepNotes step={step} counted={card.counted} />}
        </div>
      </div>
      <div className={stack(10, styles.pressRow)}>
        <Button
          icon={<LeftOutlined />}
          onClick={onBack}
          disabled={at === 0 && card.piece === 0 && card.counted === 0}
          aria-label="One back"
        />
        <button type="button" className={styles.go} onClick={go} disabled={isThrough}>
          {counts > 0
            ? `Count ${Math.min(counts, card.counted + 1)}`
            : way === 'one-by-one' && at + 1 === steps.length
              ? last
              : 'Done, next'}
        </button>
        <Button
          icon={<RightOutlined />}
          onClick={() => turn(at + 1)}
          disabled={isThrough || at + 1 >= steps.length}
          aria-label="Next step"
        />
      </div>
      {allOf ? (
        <Button size="small" onClick={onPass}>
          {allOf} (A)
        </Button>
      ) : null}
      <p className="quiet">Space counts and goes on · arrows turn the card · Backspace takes one back</p>
    </section>
  );
}

/**
 * What is read aloud of a step: all of it as it comes, and while it is counted the number alone.
 *
 * @example spokenOf({ title: 'Wrap tight', how: 'Side by side.' }, 10, 3) // '3'
 */
function spokenOf(
  { title, how }: { readonly title: string; readonly how: string },
  times: number,
  counted: number,
): string {
  if (counted > 0 && times > 0) return String(counted);
  return `${title}. ${how}${times > 0 ? ` ${times} times.` : ''}`;
}

/** What one press would do for the whole step; null where that is what any press does. */
function wholeStep({ card, count, way }: CardProgress, { count: counts }: CardStep): string | null {
  if (way === 'by-station' && card.piece + 1 < count) return `This step is done for all ${count}`;
  const times = counts?.times ?? 0;
  return card.counted + 1 < times ? `All ${times} are counted` : null;
}

/** What is counted off in a step, what dries after it, what goes wrong in it. */
function StepNotes({ step, counted }: { readonly step: CardStep; readonly counted: number }) {
  const times = step.count?.times ?? 0;
  return (
    <>
      {times > 0 && step.count ? (
        <p className={styles.count} aria-live="polite">
          <strong>{counted}</strong> of {times} <span>{step.count.of}</span>
          <i aria-hidden="true">
            {Array.from({ length: times }, (_, nth) => (
              <b key={nth} data-done={nth < counted} />
            ))}
          </i>
        </p>
      ) : null}
      {step.dries ? (
        <p className={styles.dries}>
          {step.dries.what}: {step.dries.minutes} min. A clock starts with the last one.
        </p>
      ) : null}
      {step.mistakes.length > 0 ? (
        <ul className={stack(6, styles.mistakes)} aria-label="What goes wrong here">
          {step.mistakes.map((mistake) => (
            <li key={mistake}>{mistake}</li>
          ))}
        </ul>
      ) : null}
    </>
  );
}
