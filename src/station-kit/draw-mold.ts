import { findStyle } from '@/core/cavities/styles';
import { layOutBar, layOutDisc, type BlockLayout } from '@/drawing/block-layout';
import type { HookBin } from '@/records/bin';
import type { Mold } from '@/records/mold';

/** Lays out a mold of the bench to scale with a hook for each cavity; null where a style is not known. */
export function drawMold(mold: Mold, hooks: readonly (HookBin | null)[]): BlockLayout | null {
  const cavities = mold.cavities.map((cavity, index) => {
    const style = findStyle(cavity.style);
    return style
      ? {
          style,
          volumeCm3: cavity.volumeCm3,
          hook: hooks[index] ?? null,
          outlineMm: cavity.outline?.points,
          spot: cavity.spot ?? undefined,
          hasFrame: mold.kind === 'frame',
        }
      : null;
  });
  const known = cavities.filter((cavity) => cavity !== null);
  if (known.length < cavities.length) return null;
  return mold.kind === 'spun' ? layOutDisc(known) : layOutBar(known);
}
