'use client';

import { useCallback } from 'react';
import type { StockMix } from '@/core/stock/mix-stock';
import type { MixQuestion } from '@/model/baits/mix';
import { scarceItems, withPacket } from '@/model/baits/mix';
import { useJob, type Job } from '@/station-kit/use-job';
import { useSentence } from '@/ui/units/use-units';

export interface PacketGain {
  readonly item: string;
  readonly gain: number;
}

export interface FoundMix {
  readonly mix: StockMix | null;
  /** By how much a packet more of a part would raise what the shelf is worth, most first. */
  readonly gains: readonly PacketGain[];
  /** Why there is no mix. */
  readonly problem: string | null;
}

/** The best mix, searched for in a worker: asked, called off, and then what one more packet would open up. */
export function useMix(): { readonly job: Job<FoundMix>; readonly ask: (question: MixQuestion) => void } {
  const sentence = useSentence();
  const job = useJob<FoundMix>();
  const { start } = job;
  const ask = useCallback(
    (question: MixQuestion) =>
      start(async (worker) => {
        const outcome = await worker.ask('mixStock', question);
        if (!outcome.ok) return { mix: null, gains: [], problem: sentence(outcome.problem) };
        const mix = outcome.value;
        const counts = new Map(mix.make.map(({ id, count }) => [id, count]));
        let found: FoundMix = { mix, gains: [], problem: null };
        worker.say(found);
        for (const item of scarceItems(question, counts)) {
          const more = await worker.ask('mixStock', withPacket(question, item));
          if (!more.ok || more.value.value <= mix.value + 1e-9) continue;
          const gains = [...found.gains, { item, gain: more.value.value - mix.value }];
          found = { ...found, gains: gains.sort((a, b) => b.gain - a.gain) };
          worker.say(found);
        }
        return found;
      }),
    [start, sentence],
  );
  return { job, ask };
}
