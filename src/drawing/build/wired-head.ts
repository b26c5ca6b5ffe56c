import type { HeadView } from '../head-view';
import { hookBend } from '../hook/hook-path';

/** From the head's back to the bend, in gapes. */
const SHANK_GAPES = 1.5;

/**
 * A head cast on a bait's wire: the hook leaves its back without an eye of its own, since the wire leaves its nose.
 *
 * @example wiredHead(head, 16, 1).hook?.eye.r // 0
 */
export function wiredHead(head: HeadView, gapeMm: number, wireMm: number): HeadView {
  const from = head.bodyBox.width * 0.9;
  const shankMm = gapeMm * SHANK_GAPES;
  const bend = hookBend({ wireMm, shankMm, gapeMm });
  const top = Math.min(head.bodyBox.y, -gapeMm * 1.05 - wireMm) - 1;
  const bottom = head.bodyBox.y + head.bodyBox.height + 1;
  return {
    ...head,
    hook: { ...bend, eye: { x: 0, y: 0, r: 0 }, ring: '', x: from, wireMm },
    viewBox: [-1, top, from + bend.reachMm + 2, bottom - top],
  };
}
