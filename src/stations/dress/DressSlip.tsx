'use client';

import { useUnits } from '@/ui/units/use-units';
import { dressLeft } from '@/core/dress/dress-pace';
import { sum } from '@/core/numeric/sum';
import type { Batch } from '@/records/batch';
import { SlipNote, SlipPart, SlipRow, SlipTitle } from '@/ui/frame/Slip';
import { driftSentence } from '@/text/drift-sentence';
import { headText, minutesText } from '@/text/words';
import { dressLeftWorking } from '@/station-kit/figures/dress-working';
import { Figure } from '@/ui/figure/Figure';
import { useBench } from '@/station-kit/BenchProvider';
import { judgeBatch, weighedOf } from '@/model/quality/batch-facts';

/** The batch in hand on paper: what is done, what holds it up, what to mind. */
export function DressSlip({ batch }: { batch: Batch | null }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const others = view.batches.filter(({ id }) => id !== batch?.id);
  const leftS = batch ? dressLeft(batch, others) : 0;
  const run = view.runs.find(({ id }) => id === batch?.runId);
  const own = view.flaws.filter(({ batchId }) => batchId === batch?.id);
  const scrapped = sum(own.filter(({ fate }) => fate === 'scrapped').map(({ count }) => count));
  const drifting = batch
    ? judgeBatch(batch, view.batches, view).cavities.filter(({ verdict }) => verdict?.drift)
    : [];
  return (
    <>
      {batch ? (
        <>
          <SlipTitle over={run ? `Run ${run.no}` : 'From the shelf'}>
            {headText(batch, view.binById, mass)}
          </SlipTitle>
          <SlipPart label="The batch">
            <SlipRow name="On the bench">{batch.count}</SlipRow>
            <SlipRow name="Steps through">
              {batch.steps.filter(({ done }) => done >= batch.count).length} of {batch.steps.length}
            </SlipRow>
            <SlipRow name="Spent">{minutesText(sum(batch.steps.map(({ seconds }) => seconds)))}</SlipRow>
            <SlipRow name="Left">
              <Figure working={dressLeftWorking(batch, others, leftS)}>{minutesText(leftS)}</Figure>
            </SlipRow>
            <SlipRow name="Weighed">{weighedOf(batch, view.weighings).length}</SlipRow>
            {scrapped > 0 ? <SlipRow name="Back to the pot">{scrapped}</SlipRow> : null}
          </SlipPart>
          {drifting.map(({ cavity, index, verdict }) =>
            verdict?.drift ? (
              <SlipNote key={cavity.id} tone="mind">
                {driftSentence(verdict.drift, `Cavity ${index + 1}`)}
              </SlipNote>
            ) : null,
          )}
        </>
      ) : (
        <SlipTitle over="Dressing bench">Nothing in hand</SlipTitle>
      )}
      <SlipNote tone="care">
        Filing and drilling lead makes dust: wet or contained, wiped up damp, never blown. No food, wash
        after. Glasses on for pliers and drills; mind the hooks. Follow the makers’ sheets and your local
        rules.
      </SlipNote>
    </>
  );
}
