'use client';

import { headsToDress, type CastHeads } from '@/core/dress/heads-to-dress';
import { draftBatch } from '@/model/quality/batch-facts';
import { headText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from './BenchProvider';
import { useNow } from './use-now';

/** What came out of booked runs and lies undressed, and a way to lay some of it on the dressing bench: gives the batch's id. */
export function useCastHeads() {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const now = useNow(workshop.now, 60_000);
  const waiting = headsToDress(view.runs, view.madeEntries, view.levels, view.batches, now).flatMap(
    (cast) => {
      const bin = view.binById.get(cast.headBinId);
      return bin?.kind === 'head' ? [{ ...cast, bin, name: headText(bin, view.binById, mass) }] : [];
    },
  );
  const begin = async (cast: CastHeads): Promise<string | null> => {
    const bin = view.binById.get(cast.headBinId);
    if (bin?.kind !== 'head') return null;
    const title = headText(bin, view.binById, mass);
    return workshop.batches.begin(draftBatch(bin, cast, cast.count, title, view));
  };
  return { waiting, begin };
}
