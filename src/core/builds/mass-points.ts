import type { Build } from './build';
import { findKind } from './kinds';
import type { MassPoint } from './balance-bait';
import type { LaidBait } from './place-parts';

/** Steel wire, g/cm3. */
const STEEL = 7.85;
/** Center of a cast head with its hook, in radii behind the nose. */
const HEAD_BACK = 1.3;
/** Center of what trails: so far behind the head, mm. */
const TRAILS_MM = 28;

/**
 * The weights of a bait where they lie, as it is pulled: head, wire, everything on the arm and behind. `skirtG` hangs behind
 * the head. What nobody weighed counts nothing.
 *
 * @example massPoints(build, placeParts(build), 1.4)
 */
export function massPoints(build: Build, laid: LaidBait, skirtG: number): MassPoint[] {
  const { arm, nose } = laid;
  const onArm = (mm: number) =>
    arm ? { x: arm.from.x + arm.along.x * mm, y: arm.from.y + arm.along.y * mm } : nose;
  const behind = {
    x: (findKind(build.kind).takesHead ? nose.x : (arm?.lengthMm ?? 0)) + TRAILS_MM,
    y: nose.y,
  };
  const wire = laid.wire.slice(1).map((point, index) => {
    const before = laid.wire[index] ?? point;
    const lengthMm = Math.hypot(point.x - before.x, point.y - before.y);
    const massG = (Math.PI / 4) * ((arm?.wireMm ?? 0) / 10) ** 2 * (lengthMm / 10) * STEEL;
    return { x: (point.x + before.x) / 2, y: (point.y + before.y) / 2, massG };
  });
  return [
    ...(build.head
      ? [{ x: nose.x + build.head.radiusMm * HEAD_BACK, y: nose.y, massG: build.head.massG }]
      : []),
    ...wire,
    ...laid.parts.map(({ part, fromMm, toMm }) => ({
      ...onArm((fromMm + toMm) / 2),
      massG: part.massG ?? 0,
    })),
    ...laid.blades
      .filter(({ id, blade }) => !build.arm.some((piece) => piece.id === id && piece.part === blade))
      .map(({ at, blade }) => ({ ...at, massG: blade.massG ?? 0 })),
    ...(laid.hanger ? [{ ...laid.hanger.from, massG: laid.hanger.piece.massG ?? 0 }] : []),
    { ...behind, massG: skirtG },
    ...build.slots.map(({ part }) => ({ ...behind, massG: part.massG ?? 0 })),
  ].filter(({ massG }) => massG > 0);
}
