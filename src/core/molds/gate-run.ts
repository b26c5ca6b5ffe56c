import { crossings } from '../meshes/crossings';
import type { Triangles } from '../meshes/mesh';
import { meshBounds } from '../meshes/mesh-bounds';
import type { GateSide } from './gate-sides';

/** A way in for the metal. */
export interface Gate {
  readonly side: GateSide;
  /** Where along the body it comes in, a share of its length from the nose; of a gate from above or below. */
  readonly at: number;
  /** How wide it is where it meets the body, mm. */
  readonly wideMm: number;
}

/** A bend of the way in, in the parting plane: along the body, up, and how wide the way is there. */
export interface GatePoint {
  readonly xMm: number;
  readonly zMm: number;
  readonly radiusMm: number;
}

/** What most blocks have (typical): from above, at the widest. */
export const USUAL_GATE_MM = 4;
/** The funnel at the block's face, mm across and over the body. */
const FUNNEL_MM = 5;
const RISE_MM = 20;
/** A way round the body keeps off it by so much, mm. */
const ROUND_MM = 6;
/** How far the way reaches into the body, a share of its half. */
const INTO = 0.6;

/**
 * The way in from the block's face to inside a body laid along x, in the parting plane y = 0. The first point is the
 * funnel's mouth.
 *
 * @example gateRun(ball, { side: 'above', at: 0.5, wideMm: 4 })[0] // { xMm: 5, zMm: 25, radiusMm: 5 }
 */
export function gateRun(body: Triangles, { side, at, wideMm }: Gate): readonly GatePoint[] {
  const { min, max } = meshBounds(body);
  const radiusMm = wideMm / 2;
  const mouthMm = max[2] + RISE_MM;
  const point = (xMm: number, zMm: number, r = radiusMm): GatePoint => ({ xMm, zMm, radiusMm: r });
  const funnel = (xMm: number) => point(xMm, mouthMm, Math.max(FUNNEL_MM, radiusMm));
  if (side === 'open') return [];
  if (side === 'nose' || side === 'tail') {
    const isNose = side === 'nose';
    const x = isNose ? min[0] - ROUND_MM - radiusMm : max[0] + ROUND_MM + radiusMm;
    const end = isNose ? min[0] + 0.1 * (max[0] - min[0]) : max[0] - 0.1 * (max[0] - min[0]);
    const { low, high } = heightAt(body, end);
    const z = (low + high) / 2;
    return [funnel(x), point(x, z), point(end, z)];
  }
  const x = min[0] + at * (max[0] - min[0]);
  const { low, high } = heightAt(body, x);
  const half = (high - low) / 2;
  if (side === 'above') return [funnel(x), point(x, high - INTO * half)];
  const aside = max[0] + ROUND_MM + radiusMm;
  const under = min[2] - ROUND_MM;
  return [funnel(aside), point(aside, under), point(x, under), point(x, low + INTO * half)];
}

/** How high a body reaches at a place along it, near the parting plane, mm; its axis where nothing is met. */
function heightAt(body: Triangles, xMm: number): { low: number; high: number } {
  const { min, max } = meshBounds(body);
  // A flat body lies on one side of the parting plane only.
  const aside = [0, (min[1] + max[1]) / 2];
  for (const y of aside) {
    const [line = []] = crossings(body, 2, [xMm], [y]);
    const [low, high] = [line[0], line.at(-1)];
    if (low !== undefined && high !== undefined && high > low) return { low, high };
  }
  return { low: 0, high: 0 };
}

/**
 * Whether a place lies in a way of round sections through the parting plane: a gate, a hook's wire.
 *
 * @example isInRun(gateRun(ball, gate), 5, 0, 20) // true
 */
export function isInRun(run: readonly GatePoint[], x: number, y: number, z: number): boolean {
  for (let nth = 1; nth < run.length; nth += 1) {
    const [from, to] = [run[nth - 1], run[nth]];
    if (!from || !to) continue;
    const [dx, dz] = [to.xMm - from.xMm, to.zMm - from.zMm];
    const long2 = dx * dx + dz * dz;
    const along =
      long2 === 0 ? 0 : Math.max(0, Math.min(1, ((x - from.xMm) * dx + (z - from.zMm) * dz) / long2));
    const radius = from.radiusMm + (to.radiusMm - from.radiusMm) * along;
    const off2 = (x - from.xMm - along * dx) ** 2 + y * y + (z - from.zMm - along * dz) ** 2;
    if (off2 <= radius * radius) return true;
  }
  return false;
}
