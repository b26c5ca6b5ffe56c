import { findStyle } from '@/core/cavities/styles';
import { headView, type HeadView } from '@/drawing/head-view';
import { type HeadOf, bodyCm3, type Facts } from '@/model/heads/head-facts';

/** A head from the side, to scale; null where its style is not known. */
export function viewOf(head: HeadOf, facts: Facts): HeadView | null {
  const style = findStyle(head.style);
  if (!style) return null;
  const hook = head.hookBinId === null ? null : (facts.hooks.get(head.hookBinId) ?? null);
  return headView(style, bodyCm3(head, facts), style.isHooked ? hook : null);
}
