import { trailerFrom } from './TrailingShape';
import { strapReach } from '@/core/builds/kinds/strap-jig';
import { baitBox, type Box } from '@/drawing/build/bait-box';
import { skirtBox } from '../skirt-drawing/skirt-box';
import type { BaitLook, BaitPose } from './bait-look';

/**
 * How far a bait reaches behind its nose, mm: hook, skirt, trailer, and what hangs behind the bend.
 *
 * @example reachBehind(look) // 118
 */
export function reachBehind(look: BaitLook): number {
  const { jig } = look;
  const skirt = jig ? Math.max(0, ...jig.layers.map(({ lengthMm }) => jig.collar.xMm + lengthMm)) : 0;
  return Math.max(reachOf(look), skirt + (skirt > 0 ? strapOf(look) : 0));
}

/** What a slot adds behind the head, mm: a trailer its length, a stinger its cord and hook. */
function reachOf(look: BaitLook): number {
  const { jig, trailing } = look;
  const head = jig ? jig.head.bodyBox.width : 0;
  const behind = jig?.head.hook ? jig.head.hook.x + jig.head.hook.reachMm : head;
  return Math.max(
    behind,
    ...trailing.map(({ slot, piece: { gauge } }) => {
      const lengthMm = gauge.sizes.lengthMm ?? 0;
      if (slot === 'trailer') return trailerFrom(look) + lengthMm;
      if (slot === 'trailer-hook' || slot === 'hook') return behind + lengthMm;
      if (slot === 'cord') return behind + lengthMm + 22;
      if (slot === 'strap') return behind + strapReach(lengthMm) + 22;
      return 0;
    }),
  );
}

function strapOf({ trailing }: BaitLook): number {
  return strapReach(trailing.find(({ slot }) => slot === 'strap')?.piece.gauge.sizes.lengthMm ?? 0);
}

function widened([x, y, width, height]: Box, by: number): Box {
  return [x, y, width + by, height];
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
      ? widened(skirtBox({ ...jig, trailerHex: null }, { is: 'rest' }, 'side'), strapOf(look))
      : jig.head.viewBox
    : null;
  const reach = reachOf(look);
  const plate = look.trailing.find(({ slot }) => slot === 'plate')?.piece.gauge.sizes.lengthMm ?? 0;
  const snap = look.trailing.find(({ slot }) => slot === 'snap')?.piece.gauge.sizes.lengthMm ?? 0;
  // A plate hangs before the nose from the eye above it; a snap stands before the plate.
  const left = body ? Math.min(body[0], plate > 0 ? -Math.max(plate * 0.35, snap) - 4 : 0) : 0;
  const bottom = body ? Math.max(body[1] + body[3], 8, body[1] + plate * 0.85) : 0;
  const top = body ? body[1] - plate * 0.25 : 0;
  const right = body ? Math.max(body[0] + body[2], reach + 4) : 0;
  const whole: Box | null = body && [left, top, right - left, bottom - top];
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
