'use client';

import { useMemo } from 'react';
import { fillFirst, pourHints } from '@/model/molds/pour-hints';
import type { MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { numberText as n } from '@/text/number-text';
import { markText, temperatureText } from '@/text/words';
import { useUnits } from '@/ui/units/use-units';
import { blockSize } from './block-size';

interface PourHintsProps {
  readonly mold: Mold;
  readonly metal: MetalBin;
  /** How often this block is poured, s. */
  readonly beatS: number;
}

/** Which cavity to fill first, and when the block is warm; nothing where neither is known or matters. */
export function PourHints({ mold, metal, beatS }: PourHintsProps) {
  const { mass, temperature } = useUnits();
  const hints = useMemo(() => pourHints(mold, metal, blockSize(mold), beatS), [mold, metal, beatS]);
  if (!hints) return null;
  const first = fillFirst(hints);
  const slowest = hints.order.at(-1);
  const soonest = hints.order[0];
  const { warmth, wantedC } = hints;
  const numbers = first.map((index) => index + 1);
  const names =
    numbers.length === 1
      ? `cavity ${numbers[0]}`
      : `cavities ${numbers.slice(0, -1).join(', ')} and ${numbers.at(-1)}`;
  const mark = markText(mold.cavities[first[0] ?? 0]?.nominalG ?? 0, mass);
  return (
    <p className="quiet">
      {first.length > 0 && first.length < mold.cavities.length && soonest && slowest
        ? `Fill ${names} first, while the metal is hottest: at ${mark} it can flow for about ${n(soonest.flowsS, 2)} s, in cavity ${slowest.index + 1} for ${n(slowest.flowsS, 2)} s. `
        : ''}
      {warmth
        ? warmth.warmFrom === null
          ? `Started cold, this block does not get to ${temperatureText(wantedC, temperature)} at your pace: preheat it.`
          : warmth.warmFrom > 1
            ? `Started cold, it is warm (${temperatureText(wantedC, temperature)}) at about pour ${warmth.warmFrom}; preheated, at once.`
            : ''
        : ''}
    </p>
  );
}
