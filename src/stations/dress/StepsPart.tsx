'use client';

import { useUnits } from '@/ui/units/use-units';
import { apart, stack } from '@/ui/layout/layout';
import { MinusOutlined, PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { dressPace } from '@/core/dress/dress-pace';
import { findDressStep, type DressStepId } from '@/core/dress/dress-steps';
import type { Batch } from '@/records/batch';
import { CountField } from '@/ui/unit-field/CountField';
import { headText, minutesText } from '@/text/words';
import { afterDressing } from '@/model/next/next-steps';
import { NextSteps } from '@/station-kit/NextSteps';
import { useBench } from '@/station-kit/BenchProvider';
import { StepDrawing } from '@/ui/dress-drawing/StepDrawing';
import styles from './dress.module.css';
import { useKeyMap } from '@/station-kit/key-map';
import { STEP_KEYS } from './keys';
import { inBackground } from '@/station-kit/in-background';

interface StepsPartProps {
  readonly batch: Batch;
  readonly volumeCm3: number;
}

/** The steps of a batch, counted by tray or by piece, with how long each takes. */
export function StepsPart({ batch, volumeCm3 }: StepsPartProps) {
  const { view, workshop, carryOut } = useBench();
  const { mass } = useUnits();
  const hook = batch.hookBinId === null ? null : (view.hooks.get(batch.hookBinId) ?? null);
  const others = view.batches.filter(({ id }) => id !== batch.id);
  const held = batch.steps.find(({ step }) => step === batch.inHand?.step) ?? null;
  const next = held ?? batch.steps.find(({ done }) => done < batch.count) ?? null;
  const isOver = batch.endedAt !== null;
  const tray = next ? Math.min(batch.tray, batch.count - next.done) : 0;

  const take = (step: DressStepId | null) => inBackground(carryOut(workshop.batches.take(batch.id, step)));
  const count = (pieces: number) => inBackground(carryOut(workshop.batches.count(batch.id, pieces)));
  const press = () => {
    if (held) count(tray);
    else if (next) take(next.step);
  };
  useKeyMap(STEP_KEYS, {
    tray: isOver ? null : press,
    more: isOver || !held ? null : () => count(1),
    less: isOver || !held ? null : () => count(-1),
  });

  return (
    <div className={apart(24, styles.steps)}>
      <div className={styles.onMat}>
        <StepDrawing
          batch={batch}
          name={headText(batch, view.binById, mass)}
          hook={hook}
          volumeCm3={volumeCm3}
          onTake={take}
        />
        <ol className={stack(6, styles.stepList)} aria-label="Steps">
          {batch.steps.map(({ step, done, seconds }) => {
            const { secondsEach, isOwn } = dressPace(step, [...others, batch]);
            const left = (batch.count - done) * secondsEach;
            const isNow = step === held?.step;
            return (
              <li key={step}>
                <button
                  type="button"
                  aria-pressed={isNow}
                  disabled={isOver}
                  title={findDressStep(step).how}
                  onClick={() => take(isNow ? null : step)}
                >
                  <span
                    className={styles.fill}
                    style={{ width: `${batch.count > 0 ? (done / batch.count) * 100 : 100}%` }}
                  />
                  <strong>{findDressStep(step).name}</strong>
                  <span>
                    {done} of {batch.count}
                  </span>
                  <small className={isOwn ? undefined : styles.guess}>
                    {done >= batch.count ? `took ${minutesText(seconds)}` : `${minutesText(left)} left`}
                  </small>
                </button>
              </li>
            );
          })}
        </ol>
      </div>
      <div className={stack(10, styles.tally)}>
        {next && !isOver ? (
          <>
            <p className={styles.now}>{held ? 'In hand' : 'Next'}</p>
            <h2>{findDressStep(next.step).name}</h2>
            <p className={styles.how}>{findDressStep(next.step).how}</p>
            <button type="button" className={stack(2, styles.press)} onClick={press}>
              {held ? (
                <>
                  <b>+{tray}</b>
                  <span>{tray === batch.tray ? 'a tray through' : 'the last through'}</span>
                </>
              ) : (
                <>
                  <b>Take</b>
                  <span>{findDressStep(next.step).name.toLowerCase()}</span>
                </>
              )}
              <kbd>space</kbd>
            </button>
            <div className={styles.byPiece}>
              <Button
                icon={<MinusOutlined />}
                aria-label="One piece less"
                disabled={!held || next.done === 0}
                onClick={() => count(-1)}
              />
              <output aria-live="polite">
                <b>{next.done}</b> of {batch.count}
              </output>
              <Button
                icon={<PlusOutlined />}
                aria-label="One piece more"
                disabled={!held}
                onClick={() => count(1)}
              />
            </div>
            <CountField
              label="A tray holds"
              value={batch.tray}
              min={1}
              onChange={(pieces) => {
                if (pieces !== null && pieces !== batch.tray) {
                  inBackground(carryOut(workshop.batches.set(batch.id, { tray: pieces })));
                }
              }}
            />
            <p className="quiet">
              {dressPace(next.step, others).isOwn
                ? 'Times are from your own batches.'
                : 'Times are the trade’s rule until ten of yours were timed.'}
            </p>
          </>
        ) : (
          <>
            <h2>{isOver ? 'Dressed' : 'All through'}</h2>
            <p className={styles.how}>
              {isOver
                ? 'The batch is off the dressing bench. Its times and weights are kept.'
                : 'Every step is done. Weigh some before they go on: a cavity that drifts shows here first.'}
            </p>
          </>
        )}
        {isOver ? <NextSteps steps={afterDressing(batch, view)} /> : null}
        <Button
          type={!next && !isOver ? 'primary' : 'default'}
          onClick={() => inBackground(carryOut(workshop.batches.end(batch.id, !isOver)))}
        >
          {isOver ? 'Take it up again' : 'Off the dressing bench'}
        </Button>
      </div>
    </div>
  );
}
