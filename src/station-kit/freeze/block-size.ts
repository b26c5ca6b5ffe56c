import { cavityLoft } from '@/model/molds/cast-question';
import type { BlockSize } from '@/model/molds/block-heat';
import type { Mold } from '@/records/mold';
import { drawMold } from '../draw-mold';

/** How large a block is, as it is drawn; null where a cavity's style is not known. */
export function blockSize(mold: Mold): BlockSize | null {
  const layout = drawMold(
    mold,
    mold.cavities.map(() => null),
  );
  if (!layout) return null;
  const reaches = mold.cavities.map((cavity) => {
    const loft = cavityLoft(cavity);
    return loft ? Math.max(...loft.profile.map(([r]) => r)) * loft.depth : 0;
  });
  return { widthMm: layout.widthMm, heightMm: layout.heightMm, reachMm: Math.max(...reaches) };
}
