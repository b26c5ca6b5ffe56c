'use client';

import { findDressStep } from '@/core/dress/dress-steps';
import type { Batch } from '@/records/batch';
import { findStyle } from '@/core/cavities/styles';
import { HeadDrawing } from '@/ui/head-drawing/HeadDrawing';
import { headText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { useCastHeads } from '@/station-kit/use-cast-heads';
import styles from './dress.module.css';
import { inBackground } from '@/station-kit/in-background';

/** Steel and lead of a head, about, where its cavity is not known: g/cm3. */
const ABOUT_GCM3 = 11;
const KEPT_ENDED = 3;

interface BatchRailProps {
  readonly chosen: string | null;
  readonly onChoose: (batchId: string | null) => void;
}

/** What lies on the dressing bench, what waits for it, and what was dressed last. */
export function BatchRail({ chosen, onChoose }: BatchRailProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const { waiting, begin } = useCastHeads();
  const open = view.batches.filter(({ endedAt }) => endedAt === null);
  const ended = view.batches
    .filter(({ endedAt }) => endedAt !== null)
    .sort((a, b) => (b.endedAt ?? 0) - (a.endedAt ?? 0))
    .slice(0, KEPT_ENDED);
  const picture = (head: { style: string; nominalG: number; hookBinId: string | null }) => {
    const style = findStyle(head.style);
    const hook = head.hookBinId === null ? null : (view.hooks.get(head.hookBinId) ?? null);
    return style ? (
      <HeadDrawing
        name=""
        style={style}
        volumeCm3={head.nominalG / ABOUT_GCM3}
        hook={hook}
        pxPerMm={1.5}
        maxWidthPx={64}
      />
    ) : null;
  };
  const chip = (batch: Batch) => {
    const step = batch.inHand?.step ?? batch.steps.find(({ done }) => done < batch.count)?.step;
    return (
      <li key={batch.id}>
        <button
          type="button"
          className={styles.chip}
          aria-pressed={batch.id === chosen}
          data-over={batch.endedAt !== null}
          onClick={() => onChoose(batch.id)}
        >
          {picture(batch)}
          <strong>{headText(batch, view.binById, mass)}</strong>
          <small>
            {batch.count} ·{' '}
            {batch.endedAt !== null
              ? 'dressed'
              : step
                ? findDressStep(step).name.toLowerCase()
                : 'all through'}
          </small>
        </button>
      </li>
    );
  };
  return (
    <ul className={styles.rail} aria-label="Batches">
      {open.map(chip)}
      {waiting.map(({ bin, name, ...cast }) => (
        <li key={`${cast.runId}${cast.headBinId}`}>
          <button
            type="button"
            className={styles.chip}
            data-waits="true"
            onClick={() => inBackground(begin(cast).then(onChoose))}
          >
            {picture(bin)}
            <strong>{name}</strong>{' '}
            <small>
              {cast.count} of run {cast.runNo} <b>Begin</b>
            </small>
          </button>
        </li>
      ))}
      {ended.map(chip)}
    </ul>
  );
}
