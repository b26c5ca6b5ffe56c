import type { Loft } from '../solids/loft';
import type { ThermalGrid, ThermalMaterial } from './grid';

/** What a cube of a casting in its mold is. */
export const CAST_ROLES = ['mold', 'body', 'gate', 'wire'] as const;
export type CastRole = (typeof CAST_ROLES)[number];

/** A body in its block, with the way in. */
export interface CastSetup {
  /** By its sections along its axis, mm. */
  readonly body: Loft;
  /** A round way in along the axis, from the block's face to that end of the body. */
  readonly gate: { readonly end: 'foot' | 'top'; readonly diameterMm: number; readonly longMm: number };
  /** A hook's shank or a pin through the body along its axis, mm across; null for none. */
  readonly wireMm: number | null;
  /** Mold round the body on every side, mm. */
  readonly wallMm: number;
  readonly stepMm: number;
  readonly mold: ThermalMaterial;
  readonly metal: ThermalMaterial;
  readonly wire: ThermalMaterial;
  readonly contactWm2K: number;
  readonly air: { readonly filmWm2K: number; readonly ambientC: number };
}

export interface CastGrid {
  readonly grid: ThermalGrid;
  /** Height of the body's foot over that of the grid, mm. */
  readonly footMm: number;
}

/** Half as wide as the body is where it is cut at a height over its foot, mm; nothing off its ends. */
function radiusAt({ profile }: Loft, zMm: number): number {
  for (let at = 1; at < profile.length; at += 1) {
    const [a, low] = profile[at - 1] ?? [0, 0];
    const [b, high] = profile[at] ?? [0, 0];
    if (zMm >= low && zMm <= high)
      return high === low ? Math.max(a, b) : a + ((b - a) * (zMm - low)) / (high - low);
  }
  return 0;
}

/** Whether a place lies in a section of this radius. */
function isInSection({ section, depth }: Loft, radius: number, x: number, y: number): boolean {
  if (radius <= 0) return false;
  if (section === 'square') return Math.abs(x) <= radius && Math.abs(y) <= radius * depth;
  const isIn = (x / radius) ** 2 + (y / (radius * depth)) ** 2 <= 1;
  return section === 'half' ? isIn && y >= 0 : isIn;
}

/**
 * Cuts a casting in its mold into cubes: mold, body, the way in, the wire through it.
 *
 * @example castGrid(setup).grid.materials.length // 4: mold, body, gate, wire
 */
export function castGrid(setup: CastSetup): CastGrid {
  const { body, gate, wireMm, wallMm, stepMm, mold, metal, wire, contactWm2K, air } = setup;
  const highMm = body.profile.at(-1)?.[1] ?? 0;
  const wideMm = 2 * Math.max(...body.profile.map(([r]) => r));
  const deepMm = wideMm * body.depth;
  const over = {
    foot: gate.end === 'foot' ? gate.longMm : wallMm,
    top: gate.end === 'top' ? gate.longMm : wallMm,
  };
  const cubes = (mm: number) => Math.max(3, Math.ceil(mm / stepMm));
  const counts = [
    cubes(wideMm + 2 * wallMm),
    cubes(deepMm + 2 * wallMm),
    cubes(highMm + over.foot + over.top),
  ] as const;
  const [across, deep] = counts;
  const of = new Uint8Array(counts[0] * counts[1] * counts[2]);
  const roleOf = (x: number, y: number, z: number): CastRole => {
    const off = Math.hypot(x, y);
    const isBody = z >= 0 && z <= highMm && isInSection(body, radiusAt(body, z), x, y);
    if (isBody) return wireMm !== null && off <= wireMm / 2 ? 'wire' : 'body';
    const isBefore = gate.end === 'foot' ? z < highMm / 2 : z > highMm / 2;
    return isBefore && off <= gate.diameterMm / 2 && !(z > 0 && z < highMm && radiusAt(body, z) > off)
      ? 'gate'
      : 'mold';
  };
  for (let at = 0; at < of.length; at += 1) {
    const x = ((at % across) + 0.5 - across / 2) * stepMm;
    const y = ((Math.floor(at / across) % deep) + 0.5 - deep / 2) * stepMm;
    const z = (Math.floor(at / (across * deep)) + 0.5) * stepMm - over.foot;
    of[at] = CAST_ROLES.indexOf(roleOf(x, y, z));
  }
  const sides = { left: air, right: air, front: air, back: air, foot: air, top: air };
  return {
    grid: { counts, stepMm, materials: [mold, metal, metal, wire], of, sides, contactWm2K },
    footMm: over.foot,
  };
}
