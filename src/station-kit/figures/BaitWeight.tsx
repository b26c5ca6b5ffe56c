'use client';

import { finishedOf, type WeightLine } from '@/model/baits/bait-facts';
import { massText } from '@/text/words';
import { Figure } from '@/ui/figure/Figure';
import { useUnits } from '@/ui/units/use-units';
import { weightWorking } from './weight-working';

/** What a finished bait weighs, opened on its parts. */
export function BaitWeight({
  lines,
  size,
}: {
  readonly lines: readonly WeightLine[];
  readonly size?: 'large';
}) {
  const { mass } = useUnits();
  const { finishedG } = finishedOf(lines);
  return (
    <Figure size={size} working={weightWorking(lines, finishedG, mass)}>
      {massText(finishedG, mass)}
    </Figure>
  );
}
