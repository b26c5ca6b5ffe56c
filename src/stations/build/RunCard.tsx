'use client';

import { LeftOutlined } from '@ant-design/icons';
import { Button, Segmented } from 'antd';
import { useMemo } from 'react';
import type { BuildRecord, Building } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { useWidth } from '@/ui/use-width';
import { setPreferences, useBench, useKeys, usePreferences } from '../shared';
import { asStep } from './as-step';
import { stepsOf } from './facts';
import { lookOfBuild } from './look-of-build';
import styles from './run.module.css';

interface RunCardProps {
  readonly building: Building;
  readonly build: BuildRecord;
}

/** One step at a time, large, with the bait as far as it is; one key or a knuckle goes on. */
export function RunCard({ building, build }: RunCardProps) {
  const { view, workshop, carryOut } = useBench();
  const { hand } = usePreferences();
  const [ref, width] = useWidth<HTMLDivElement>(420);
  const steps = useMemo(() => stepsOf(build, view), [build, view]);
  const { card, count, way, isThrough } = building;
  const at = Math.min(card.step, Math.max(0, steps.length - 1));
  const step = steps[at];
  const look = useMemo(
    () => lookOfBuild(asStep(build, isThrough ? null : (step?.id ?? null)), view),
    [build, view, step, isThrough],
  );
  const times = steps.map((each) => each.count?.times ?? 0);
  const go = () => {
    if (!isThrough)
      void carryOut(
        workshop.buildings.press(
          building.id,
          times,
          steps.map(({ dries }) => dries),
        ),
      );
  };
  const back = () => void carryOut(workshop.buildings.pressBack(building.id, steps.length));
  useKeys((event) => {
    if (event.altKey || event.ctrlKey || event.metaKey) return;
    const isButton = event.target instanceof HTMLElement && event.target.closest('button') !== null;
    const act = { ...(isButton ? {} : { ' ': go }), Backspace: back }[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  });
  if (!step) return null;
  const counts = step.count?.times ?? 0;
  return (
    <section className={styles.card} aria-label="Step card">
      <header>
        <p>
          {way === 'one-by-one'
            ? `Bait ${Math.min(card.bait + 1, count)} of ${count}, step ${at + 1} of ${steps.length}`
            : `Step ${at + 1} of ${steps.length}, bait ${Math.min(card.bait + 1, count)} of ${count}`}
        </p>
        <Segmented
          size="small"
          aria-label="Hand"
          value={hand}
          options={[
            { value: 'right', label: 'Right hand' },
            { value: 'left', label: 'Left hand' },
          ]}
          onChange={(next) => setPreferences({ hand: next as 'right' | 'left' })}
        />
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
          <BaitDrawing
            name={`Step ${at + 1}, drawn`}
            look={look}
            pose="pulled"
            pxPerMm={5}
            maxWidthPx={width}
            maxHeightPx={320}
            isMirrored={hand === 'left'}
          />
        </div>
        <div className={styles.words}>
          <h2 aria-live="polite">{isThrough ? 'All built' : step.title}</h2>
          <p>{isThrough ? 'Look them over, then end the run: they go in their bags.' : step.how}</p>
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
          onClick={back}
          disabled={at === 0 && card.bait === 0 && card.counted === 0}
          aria-label="One back"
        />
        <button type="button" className={styles.go} onClick={go} disabled={isThrough}>
          {counts > 0
            ? `Count ${Math.min(counts, card.counted + 1)}`
            : way === 'one-by-one' && at + 1 === steps.length
              ? 'Built'
              : 'Done, next'}
        </button>
      </div>
      <p className="quiet">Space counts and goes on · Backspace takes one back</p>
    </section>
  );
}
