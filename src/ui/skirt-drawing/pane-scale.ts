import type { SkirtView } from '@/core/skirts/skirt-view';
import { skirtBox } from './skirt-box';
import type { JigLook, SkirtState } from './skirt-look';

const MOST_HIGH_PX = 290;
const MOST_PX_PER_MM = 4.4;

/** As large as a pane bears a skirt in some state, px to the mm. */
export function paneScale(jig: JigLook, state: SkirtState, view: SkirtView, widthPx: number): number {
  const [, , wide, high] = skirtBox(jig, state, view);
  return Math.min(MOST_PX_PER_MM, MOST_HIGH_PX / high, widthPx / wide);
}
