import { guessHookMass, type HookDimensions } from '@/core/cavities/guess-hook-mass';
import type { HookBin } from '@/records/bin';
import { findThingKind } from '@/reference/typical';

/** A hook as a head has it: its measures and what it weighs. */
export type HeadHook = HookDimensions & Pick<HookBin, 'id' | 'size' | 'massG'>;

/** What a jig hook of this size usually measures; null where there is no such size. */
export function typicalHook(size: string | null): HeadHook | null {
  const typical = findThingKind('jig-hook').sizes.find(({ key }) => key === size);
  const { wireMm, lengthMm, gapeMm } = typical?.sizes ?? {};
  if (wireMm === undefined || lengthMm === undefined || gapeMm === undefined) return null;
  const dimensions = { wireMm, shankMm: lengthMm, gapeMm };
  return {
    id: `typical jig-hook ${typical?.key ?? ''}`,
    size: typical?.key ?? '',
    ...dimensions,
    massG: guessHookMass(dimensions),
  };
}
