import { baitBox, type Box } from '@/drawing/build/bait-box';
import { skirtBox } from '../skirt-drawing/skirt-box';
import type { BaitLook, BaitPose } from './bait-look';

/** What a slot adds behind the head, mm: a trailer its length, a stinger its cord and hook. */
function reachOf({ jig, trailing }: BaitLook): number {
  const head = jig ? jig.head.bodyBox.width : 0;
  const behind = jig?.head.hook ? jig.head.hook.x + jig.head.hook.reachMm : head;
  return Math.max(
    behind,
    ...trailing.map(({ slot, piece: { gauge } }) => {
      const lengthMm = gauge.sizes.lengthMm ?? 0;
      if (slot === 'trailer') return head + lengthMm;
      if (slot === 'trailer-hook' || slot === 'hook') return behind + lengthMm;
      if (slot === 'cord' || slot === 'strap') return behind + lengthMm + 22;
      return 0;
    }),
  );
}

/**
 * What holds a drawn bait in a pose, mm: x, y, width, height.
 *
 * @example boxOf(look, 'pulled')
 */
export function boxOf(look: BaitLook, pose: BaitPose): Box {
  const { jig, laid } = look;
  const body = jig
    ? jig.layers.length > 0
      ? skirtBox({ ...jig, trailerHex: null }, { is: 'rest' }, 'side')
      : jig.head.viewBox
    : null;
  const reach = reachOf(look);
  const whole: Box | null = body && [
    body[0],
    body[1],
    Math.max(body[2], reach - body[0] + 4),
    Math.max(body[3], -body[1] + 8),
  ];
  const inLine = jig === null && laid.arm ? 24 : 0;
  const [x, y, width, height] = baitBox(laid, whole);
  const box: Box = [x, y, width + inLine, height];
  if (pose === 'pulled') return box;
  // Turned about the eye: a circle round it holds it whichever way it hangs.
  const turn = (look.hangsDeg * Math.PI) / 180;
  const corners = [
    [box[0], box[1]],
    [box[0] + box[2], box[1]],
    [box[0], box[1] + box[3]],
    [box[0] + box[2], box[1] + box[3]],
  ].map(([cx = 0, cy = 0]) => [
    cx * Math.cos(turn) - cy * Math.sin(turn),
    cx * Math.sin(turn) + cy * Math.cos(turn),
  ]);
  const xs = corners.map(([cx = 0]) => cx);
  const ys = corners.map(([, cy = 0]) => cy);
  return [
    Math.min(...xs),
    Math.min(...ys) - 6,
    Math.max(...xs) - Math.min(...xs),
    Math.max(...ys) - Math.min(...ys) + 6,
  ];
}
