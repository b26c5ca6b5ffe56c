'use client';

import { numberText as n } from '@/text/number-text';
import type { MetalBin } from '@/records/bin';
import { SlipNote } from '@/ui/frame/Slip';
import { useBench } from './BenchProvider';
import { doubtOf } from '@/model/quality/doubts';

/** Says so where later weighings tell that a lot is probably not what it is called. */
export function DoubtNote({ lot }: { lot: MetalBin }) {
  const { view } = useBench();
  const doubt = doubtOf(lot, view);
  if (!doubt) return null;
  return (
    <SlipNote tone="stop">
      {lot.name} is probably not what it is called: castings of {doubt.cavities} cavities come out{' '}
      {n(Math.abs(doubt.ratio - 1) * 100, 2)} % {doubt.ratio < 1 ? 'light' : 'heavy'}, all alike, as of a
      metal of {n(lot.densityGcm3 * doubt.ratio, 4)} g/cm³. Weigh a piece in air and in water.
    </SlipNote>
  );
}
