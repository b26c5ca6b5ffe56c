'use client';

import { headsToDress } from '@/core/dress/heads-to-dress';
import { findDressStep } from '@/core/dress/dress-steps';
import type { Batch } from '@/records/batch';
import type { HeadBin } from '@/records/bin';
import { findStyle } from '@/core/cavities/styles';
import { HeadDrawing } from '@/ui/head-drawing/HeadDrawing';
import { headText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { useNow } from '@/station-kit/use-now';
import { draftBatch } from '@/model/quality/batch-facts';
import styles from './dress.module.css';
import { inBackground } from '@/station-kit/in-background';

/** Steel and lead of a head, about, where its cavity is not known: g/cm3. */
const ABOUT_GCM3 = 11;
const KEPT_ENDED = 3;

interface BatchRailProps {
  readonly chosen: string | null;
  readonly onChoose: (batchId: string) => void;
}

/** What lies on the dressing bench, what waits for it, and what was dressed last. */
export function BatchRail({ chosen, onChoose }: BatchRailProps) {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const now = useNow(workshop.now, 60_000);
  const waiting = headsToDress(view.runs, view.madeEntries, view.levels, view.batches, now);
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
  const begin = async (bin: HeadBin, cast: (typeof waiting)[number]) => {
    const title = headText(bin, view.binById, mass);
    onChoose(await workshop.batches.begin(draftBatch(bin, cast, cast.count, title, view)));
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
      {waiting.map((cast) => {
        const bin = view.binById.get(cast.headBinId);
        if (bin?.kind !== 'head') return null;
        return (
          <li key={`${cast.runId}${cast.headBinId}`}>
            <button
              type="button"
              className={styles.chip}
              data-waits="true"
              onClick={() => inBackground(begin(bin, cast))}
              aria-label={`Begin ${cast.count} ${headText(bin, view.binById, mass)} of run ${cast.runNo}`}
            >
              {picture(bin)}
              <strong>{headText(bin, view.binById, mass)}</strong>
              <small>
                {cast.count} of run {cast.runNo} <b>Begin</b>
              </small>
            </button>
          </li>
        );
      })}
      {ended.map(chip)}
    </ul>
  );
}
