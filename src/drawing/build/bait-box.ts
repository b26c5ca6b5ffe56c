import type { LaidBait, Point } from '@/core/builds/place-parts';

export type Box = readonly [x: number, y: number, width: number, height: number];

const MARGIN_MM = 4;

/**
 * What holds a laid bait with its head (and all behind it), mm. `body` is the head's own box with its nose at the origin.
 *
 * @example baitBox(laid, [-2, -20, 90, 30]) // x, y, width, height
 */
export function baitBox(laid: LaidBait, body: Box | null): Box {
  const { arm, nose, blades, wire } = laid;
  const armEnd: Point[] = arm
    ? [arm.from, { x: arm.from.x + arm.along.x * arm.lengthMm, y: arm.from.y + arm.along.y * arm.lengthMm }]
    : [];
  // A blade may stand any way from its hanger, and hangs down when the bait is not pulled.
  const swung = blades.flatMap(({ id, at, blade }) => {
    const r = (blade.gauge.sizes.lengthMm ?? 0) + 1;
    const aside = (blade.gauge.sizes.widthMm ?? 0) / 2;
    const dir = arm && id !== 'end' ? Math.atan2(arm.along.y, arm.along.x) : 0;
    const isBelow = arm !== null && arm.along.y > 0.01;
    return [
      { x: at.x + Math.cos(dir) * r, y: at.y + Math.sin(dir) * r - aside },
      { x: at.x + Math.cos(dir) * r, y: at.y + Math.sin(dir) * r + aside },
      { x: at.x + r * 0.8, y: at.y - aside },
      { x: at.x, y: at.y - r * 0.75 },
      { x: at.x, y: at.y + (isBelow ? r * 0.75 : aside) },
    ];
  });
  const corners = body
    ? [
        { x: nose.x + body[0], y: nose.y + body[1] },
        { x: nose.x + body[0] + body[2], y: nose.y + body[1] + body[3] },
      ]
    : [];
  const points = [...wire, ...armEnd, ...swung, ...corners, { x: 0, y: 0 }];
  const [left, right] = [Math.min(...points.map(({ x }) => x)), Math.max(...points.map(({ x }) => x))];
  const [top, bottom] = [Math.min(...points.map(({ y }) => y)), Math.max(...points.map(({ y }) => y))];
  return [left - MARGIN_MM, top - MARGIN_MM, right - left + 2 * MARGIN_MM, bottom - top + 2 * MARGIN_MM];
}
