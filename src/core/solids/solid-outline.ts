import type { LoftSection, ProfilePoint } from './loft';
import { RING_SHARE } from './ring-share';
import { shapeOf, type Solid } from './solid';

/** One part seen from the side: its profile at its place, and how far it stands off the axis. */
export interface OutlinedPart {
  readonly profile: readonly ProfilePoint[];
  readonly isCut: boolean;
  /** Middles across the axis, mm: one at 0, or those of several parts alike. */
  readonly offsetsMm: readonly number[];
}

/** A solid seen from the side, part by part, with how long and how wide it is. */
export interface SolidOutline {
  readonly parts: readonly OutlinedPart[];
  readonly bottomMm: number;
  readonly topMm: number;
  readonly radiusMm: number;
}

/**
 * The outlines of a solid's parts, for drawings.
 *
 * @example outlineSolid({ parts: [{ shape: 'sphere', diameterMm: 10 }] }).radiusMm // 5
 */
export function outlineSolid(solid: Solid): SolidOutline {
  const told = solid.parts.map((part) => {
    const profile = shapeOf(part)
      .loft(part)
      .profile.map(([r, z]): ProfilePoint => [r, z + (part.zMm ?? 0)]);
    return { part, profile };
  });
  const radiusMm = Math.max(...told.flatMap(({ profile }) => profile.map(([r]) => r)));
  const heights = told.flatMap(({ profile }) => profile.map(([, z]) => z));
  return {
    parts: told.map(({ part, profile }) => {
      const count = part.count ?? 1;
      const ring = radiusMm * RING_SHARE;
      const offsetsMm =
        count > 1
          ? Array.from({ length: count }, (_, index) => ring * Math.cos((2 * Math.PI * index) / count))
          : [0];
      return { profile, isCut: part.sign === -1, offsetsMm };
    }),
    bottomMm: Math.min(...heights),
    topMm: Math.max(...heights),
    radiusMm,
  };
}

/**
 * The one outline of a solid for a mold's drawing: [along, off the axis] from its foot, with its section. Parts that
 * stand off the axis are left out.
 *
 * @example outlineOf({ parts: [{ shape: 'cylinder', diameterMm: 4, heightMm: 10 }] }).points // [[0, 2], [10, 2]]
 */
export function outlineOf(solid: Solid): {
  readonly section: LoftSection;
  readonly depth: number;
  readonly points: [number, number][];
} {
  const middle = solid.parts.filter((part) => part.sign !== -1 && (part.count ?? 1) === 1);
  const [first] = middle;
  if (!first) throw new RangeError('outlineOf requires a part on the axis');
  const { section, depth } = shapeOf(first).loft(first);
  const points = middle
    .flatMap((part) =>
      shapeOf(part)
        .loft(part)
        .profile.map(([r, z]): [number, number] => [z + (part.zMm ?? 0), r]),
    )
    .sort((a, b) => a[0] - b[0]);
  const foot = points[0]?.[0] ?? 0;
  return { section, depth, points: points.map(([along, r]) => [along - foot, r]) };
}
