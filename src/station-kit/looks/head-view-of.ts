import { findStyle } from '@/core/cavities/styles';
import { headView, type HeadView } from '@/drawing/head-view';
import { type HeadOf, bodyCm3, hookIn, type Facts } from '@/model/heads/head-facts';

/** A head from the side, to scale; null where its style is not known. */
export function viewOf(head: HeadOf, facts: Facts): HeadView | null {
  const style = findStyle(head.style);
  if (!style) return null;
  return headView(style, bodyCm3(head, facts), style.isHooked ? hookIn(head, facts) : null);
}
