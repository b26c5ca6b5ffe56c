import { done, fail, type Outcome } from '../problems/problem';
import { hullFaces, type HullFace } from './hull-faces';
import { measureSkin } from './measure-skin';
import type { Triangles, Vec3 } from './mesh';
import { solidAngle } from './solid-angle';
import { cross, dot, minus, plus, times, unit } from './vectors';

export interface RestPose {
  /** The face it stands on, outward: down when it stands. */
  readonly normal: Vec3;
  /** How likely it comes to rest so, 0..1. */
  readonly share: number;
  /** How far the foot of the center of mass lies inside the face, mm. */
  readonly stableMarginMm: number;
}

/** A foot nearer to the rim than this share of the face's size stands on an edge, not a face. */
const ON_EDGE = 1e-9;

/**
 * The faces of the convex hull on which a body stands stably, most likely first. A face's own share is the solid
 * angle it takes up seen from the center of mass; a face on which the body cannot stand hands its share to the face
 * across the edge that the foot of the center of mass lies farthest outside of, and so on until a stable one. The
 * center of mass is the mesh's own where none is given; mm throughout.
 *
 * Problems: `mesh.flat`, `mesh.mass-outside`.
 *
 * @example findRestPoses(cubeOf12Triangles).value.length // 6, a sixth each
 */
export function findRestPoses(triangles: Triangles, centerOfMassMm?: Vec3): Outcome<RestPose[]> {
  const faces = hullFaces(triangles);
  if (!faces) return fail('mesh.flat', {}, ['triangles']);
  const center = centerOfMassMm ?? measureSkin(triangles).centroidMm;
  const standings = faces.map((face) => standOn(face, center));
  if (standings.some(({ heightMm }) => !(heightMm > 0))) {
    return fail('mesh.mass-outside', {}, ['centerOfMassMm']);
  }
  const shares = new Float64Array(faces.length);
  for (const [index, { share }] of standings.entries()) {
    let at = index;
    // Rolling over an edge always lowers the center of mass, so no face is met twice.
    for (let roll = 0; roll < faces.length && !isStable(standings[at]); roll += 1) {
      at = standings[at]?.across ?? at;
    }
    shares[at] = (shares[at] ?? 0) + share;
  }
  const poses = faces.flatMap((face, index): RestPose[] => {
    const standing = standings[index];
    return standing && isStable(standing)
      ? [{ normal: face.normal, share: shares[index] ?? 0, stableMarginMm: standing.marginMm }]
      : [];
  });
  return done(poses.sort((a, b) => b.share - a.share));
}

interface Standing {
  readonly share: number;
  readonly heightMm: number;
  /** How far the foot lies inside the nearest edge, mm; below 0 outside of it. */
  readonly marginMm: number;
  readonly across: number;
}

function isStable(standing: Standing | undefined): boolean {
  return standing !== undefined && standing.marginMm > ON_EDGE * standing.heightMm;
}

function standOn({ normal, triangles, rim }: HullFace, center: Vec3): Standing {
  const steradians = triangles.reduce(
    (total, [a, b, c]) => total + solidAngle(minus(a, center), minus(b, center), minus(c, center)),
    0,
  );
  const [[corner] = [[0, 0, 0] as Vec3]] = triangles;
  const heightMm = dot(normal, minus(corner ?? center, center));
  const foot = plus(center, times(normal, heightMm));
  let marginMm = Infinity;
  let across = -1;
  for (const side of rim) {
    const outward = unit(cross(minus(side.to, side.from), normal));
    const inside = -dot(outward, minus(foot, side.from));
    if (inside < marginMm) {
      marginMm = inside;
      across = side.across;
    }
  }
  return { share: steradians / (4 * Math.PI), heightMm, marginMm, across };
}
