import type { HookDimensions } from '../cavities/guess-hook-mass';
import { STEEL_GCM3 } from '../cavities/steel-density';
import { findRestPoses } from '../meshes/find-rest-poses';
import { hullFaces } from '../meshes/hull-faces';
import { measureSkin } from '../meshes/measure-skin';
import type { Triangles, Vec3 } from '../meshes/mesh';
import { nearestPoint } from '../meshes/nearest-point';
import { dot, lengthOf, minus, plus, times, unit } from '../meshes/vectors';
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
  readonly share: number;
  readonly stableMarginMm: number;
  /** How far the tail points up, degrees; below 0 the nose does. */
  readonly tailDegrees: number;
  /** Where the hook's point looks. */
  readonly point: 'up' | 'side' | 'down' | 'none';
}

export interface Sitting {
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

/**
 * How a head lies on the bottom: the rest poses of its hull with the hook, about the middle of what weighs in water
 * (metal and steel less the water they displace, less what the trailer lifts). Poses that look alike are joined. A
 * trailer that lifts so much that this middle leaves the hull leaves one pose: hanging tail up from the point that
 * touches, the middle straight below it.
 *
 * Problems: `water.floats` where the trailer carries it; `mesh.flat`.
 *
 * @example sitOnBottom({ triangles: ball, densityGcm3: 11, hook: null, eyeMm: 0, trailer: null }).value.poses[0].share // 1
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
  if (rest.ok) {
    const poses = rest.value.map(({ normal, share, stableMarginMm }) =>
      pose(normal, share, stableMarginMm, hook),
    );
    return done({ poses: joinAlike(poses), netG, centerMm });
  }
  if (rest.problem.code !== 'mesh.mass-outside') return rest;
  const faces = hullFaces(hulled)?.flatMap((face) => face.triangles) ?? [];
  const touching = nearestPoint(centerMm, faces);
  return done({ poses: [pose(unit(minus(centerMm, touching)), 1, 0, hook)], netG, centerMm });
}

function pose(down: Vec3, share: number, stableMarginMm: number, hook: HookDimensions | null): SittingPose {
  const pointUp = -dot(down, [0, 0, 1]);
  return {
    down,
    share,
    stableMarginMm,
    tailDegrees: (Math.asin(Math.max(-1, Math.min(1, -down[0]))) * 180) / Math.PI,
    point: !hook ? 'none' : pointUp > UPRIGHT ? 'up' : pointUp < -UPRIGHT ? 'down' : 'side',
  };
}

function joinAlike(poses: readonly SittingPose[]): SittingPose[] {
  const joined: SittingPose[] = [];
  for (const each of poses) {
    const index = joined.findIndex(
      (other) => other.point === each.point && Math.abs(other.tailDegrees - each.tailDegrees) < ALIKE_DEGREES,
    );
    const known = joined[index];
    if (known) joined[index] = { ...known, share: known.share + each.share };
    else joined.push(each);
  }
  return joined.sort((a, b) => b.share - a.share);
}
