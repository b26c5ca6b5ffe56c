import type { HookDimensions } from '../cavities/guess-hook-mass';
import { STEEL_GCM3 } from '../cavities/steel-density';
import { findRestPoses } from '../meshes/find-rest-poses';
import { hullFaces, type HullFace } from '../meshes/hull-faces';
import { measureSkin } from '../meshes/measure-skin';
import type { Triangles, Vec3 } from '../meshes/mesh';
import { nearestPoint } from '../meshes/nearest-point';
import { cross, dot, lengthOf, minus, plus, times, unit } from '../meshes/vectors';
import { done, fail, type Outcome } from '../problems/problem';
import { hookLine } from './hook-line';

export interface SittingBody {
  /** The head, its axis along x from nose to tail, the hook's side up along z; mm. */
  readonly triangles: Triangles;
  readonly densityGcm3: number;
  readonly hook: HookDimensions | null;
  readonly eyeMm: number;
  /** A soft trailer on the hook; null for none. */
  readonly trailer: {
    readonly lengthMm: number;
    /** What it lifts in water, g; below 0 it sinks. */
    readonly liftG: number;
  } | null;
}

/** A way the body lies on the bottom. */
export interface SittingPose {
  /** Down, in the body's own directions. */
  readonly down: Vec3;
  readonly stableMarginMm: number;
  /** How far it may be tipped, any way, before it rolls on; 0 where it only hangs so. */
  readonly tipDegrees: number;
  /** What of that is left while it is drawn along the bottom by its eye; below 0 it turns over. */
  readonly drawnDegrees: number;
  /** How far the tail points up, degrees; below 0 the nose does. */
  readonly tailDegrees: number;
  /** Where the hook's point looks. */
  readonly point: 'up' | 'side' | 'down' | 'none';
}

export interface Sitting {
  /** The one in which it comes to lie when it is drawn along by its eye first, then the surest. */
  readonly poses: readonly SittingPose[];
  /** What presses on the bottom, g. */
  readonly netG: number;
  /** The middle of what weighs in water: weights less lifts, mm. */
  readonly centerMm: Vec3;
}

const WATER_GCM3 = 1;
const MM3_PER_CM3 = 1000;
/** Poses whose tails differ by less than this, degrees, and whose points look the same way, are one. */
const ALIKE_DEGREES = 12;
/** A point that looks up or down within 45 degrees. */
const UPRIGHT = Math.SQRT1_2;
/** How hard the bottom holds what is drawn over it, a share of what weighs on it: sand and gravel (typical). */
const BOTTOM_GRIP = 0.5;
/** An eye nearer than this over the foot, a share of the height, is straight above it. */
const STRAIGHT_ABOVE = 1e-6;
/** A face looks down that way. */
const SAME_WAY = 1 - 1e-9;

/**
 * How a head lies on the bottom: the rest poses of its hull with the hook, about the middle of what weighs in water
 * (metal and steel less the water they displace, less what the trailer lifts). Poses that look alike are joined. A
 * trailer that lifts so much that this middle leaves the hull leaves one pose: hanging tail up from the point that
 * touches, the middle straight below it. No chance is told of a pose: a head comes down on a tight line, dressed, and is
 * drawn; so each says how far it may be tipped, and whether it stays so where the line draws it along by its eye.
 *
 * Source: a body tips about an edge where the pull at its eye, borne by the bottom's grip, turns harder than its weight.
 *
 * Problems: `water.floats` where the trailer carries it; `mesh.flat`.
 *
 * @example sitOnBottom({ triangles: ball, densityGcm3: 11, hook: null, eyeMm: 0, trailer: null }).value.poses[0].tailDegrees // 0
 */
export function sitOnBottom(body: SittingBody): Outcome<Sitting> {
  const { triangles, densityGcm3, hook, eyeMm, trailer } = body;
  const { volumeCm3, centroidMm, boundsMm } = measureSkin(triangles);
  const weights: { g: number; at: Vec3 }[] = [{ g: (densityGcm3 - WATER_GCM3) * volumeCm3, at: centroidMm }];
  const wire = hook
    ? hookLine(hook, eyeMm, boundsMm.max[2] + 2 * hook.wireMm).map(([x, z]): Vec3 => [x, 0, z])
    : [];
  for (const [index, to] of wire.slice(1).entries()) {
    const from = wire[index] ?? to;
    const section = (Math.PI / 4) * (hook?.wireMm ?? 0) ** 2;
    const cm3 = (section * lengthOf(minus(to, from))) / MM3_PER_CM3;
    weights.push({ g: (STEEL_GCM3 - WATER_GCM3) * cm3, at: times(plus(from, to), 0.5) });
  }
  if (trailer) {
    weights.push({ g: -trailer.liftG, at: [boundsMm.max[0] + trailer.lengthMm / 2, 0, 0] });
  }
  const netG = weights.reduce((total, { g }) => total + g, 0);
  if (!(netG > 0)) return fail('water.floats', { massG: netG, displacedG: 0 }, ['trailer', 'liftG']);
  const centerMm = times(
    weights.reduce<Vec3>((total, { g, at }) => plus(total, times(at, g)), [0, 0, 0]),
    1 / netG,
  );
  // The wire's corners count for the hull: points as triangles without a face.
  const hulled = [...Array.from(triangles), ...wire.flatMap((point) => [...point, ...point, ...point])];
  const rest = findRestPoses(hulled, centerMm);
  const faces = hullFaces(hulled) ?? [];
  const eye: Vec3 = wire[0] ?? [boundsMm.min[0], 0, 0];
  if (rest.ok) {
    const poses = rest.value.map(({ normal, stableMarginMm }) => {
      const face = faces.find((each) => dot(each.normal, normal) > SAME_WAY);
      return pose(normal, stableMarginMm, face ? tipping(face, centerMm, eye) : HANGING, hook);
    });
    return done({ poses: joinAlike(poses), netG, centerMm });
  }
  if (rest.problem.code !== 'mesh.mass-outside') return rest;
  const touching = nearestPoint(
    centerMm,
    faces.flatMap((face) => face.triangles),
  );
  return done({ poses: [pose(unit(minus(centerMm, touching)), 0, HANGING, hook)], netG, centerMm });
}

type Tipping = Pick<SittingPose, 'tipDegrees' | 'drawnDegrees'>;
/** Held by what lifts it: nothing tips it over, and it follows where it is drawn. */
const HANGING: Tipping = { tipDegrees: 0, drawnDegrees: 0 };

/** How far a body that stands on a face may be tipped over its rim, left alone and drawn along by its eye. */
function tipping({ normal, triangles, rim }: HullFace, center: Vec3, eye: Vec3): Tipping {
  const corner = triangles[0]?.[0] ?? center;
  const heightMm = dot(normal, minus(corner, center));
  const foot = plus(center, times(normal, heightMm));
  const eyeMm = dot(normal, minus(corner, eye));
  // Toward the eye, along the bottom: the line turns the head until that is straight ahead.
  const ahead = minus(eye, foot);
  const along = minus(ahead, times(normal, dot(normal, ahead)));
  // An eye straight above is drawn any way.
  const pull = lengthOf(along) > STRAIGHT_ABOVE * heightMm ? unit(along) : null;
  const margins = rim.map(({ from, to }) => {
    const outward = unit(cross(minus(to, from), normal));
    const marginMm = -dot(outward, minus(foot, from));
    return { marginMm, drawnMm: marginMm - BOTTOM_GRIP * eyeMm * (pull ? dot(outward, pull) : 1) };
  });
  const degrees = (mm: number) => (Math.atan2(mm, heightMm) * 180) / Math.PI;
  return {
    tipDegrees: degrees(Math.min(...margins.map(({ marginMm }) => marginMm))),
    drawnDegrees: degrees(Math.min(...margins.map(({ drawnMm }) => drawnMm))),
  };
}

function pose(down: Vec3, stableMarginMm: number, tips: Tipping, hook: HookDimensions | null): SittingPose {
  const pointUp = -dot(down, [0, 0, 1]);
  return {
    down,
    stableMarginMm,
    ...tips,
    tailDegrees: (Math.asin(Math.max(-1, Math.min(1, -down[0]))) * 180) / Math.PI,
    point: !hook ? 'none' : pointUp > UPRIGHT ? 'up' : pointUp < -UPRIGHT ? 'down' : 'side',
  };
}

/** Poses that look alike are one, the surest of them; the one that is left when it is drawn along comes first. */
function joinAlike(poses: readonly SittingPose[]): SittingPose[] {
  const surest = [...poses].sort((a, b) => b.tipDegrees - a.tipDegrees);
  const joined: SittingPose[] = [];
  for (const each of surest) {
    const isKnown = joined.some(
      (other) => other.point === each.point && Math.abs(other.tailDegrees - each.tailDegrees) < ALIKE_DEGREES,
    );
    if (!isKnown) joined.push(each);
  }
  const [first, ...others] = [...joined].sort((a, b) => b.drawnDegrees - a.drawnDegrees);
  return first ? [first, ...others.sort((a, b) => b.tipDegrees - a.tipDegrees)] : [];
}
