import type { Casting, PourSetting } from '../../src/core/freezing/casting';
import { alongX } from '../../src/core/meshes/along-x';
import { loftMesh } from '../../src/core/meshes/loft-mesh';
import type { LoftSection, ProfilePoint } from '../../src/core/solids/loft';
import { MOLD_MATERIALS, STEEL_WIRE } from '../../src/reference/mold-materials';
import { pouredThermal } from '../../src/reference/poured-thermal';

/** A body by its sections from the nose, laid along x. */
export function bodyOf(
  profile: readonly ProfilePoint[],
  { section = 'round', depth = 1 }: { section?: LoftSection; depth?: number } = {},
): Float32Array {
  return alongX(loftMesh({ section, depth, profile }, 32));
}

/** A ball drawn from the nose, mm across. */
export const ballOf = (acrossMm: number): readonly ProfilePoint[] =>
  Array.from({ length: 33 }, (_, at) => {
    const turn = (Math.PI * at) / 32;
    return [(acrossMm / 2) * Math.sin(turn), (acrossMm / 2) * (1 - Math.cos(turn))] as const;
  });

/** A thick head, a thin neck, a smaller collar behind it. */
export const COLLARED: readonly ProfilePoint[] = [
  [0, 0],
  [6, 2],
  [6, 10],
  [1.2, 12],
  [1.2, 18],
  [4.5, 20],
  [4.5, 27],
];

export const castingOf = (body: Float32Array, change: Partial<Casting> = {}): Casting => ({
  body,
  gate: { side: 'above', at: 0.5, wideMm: 4 },
  hook: null,
  pinMm: null,
  ...change,
});

/** Soft lead at 380 C in an aluminum block of 120 C. */
export function settingOf(
  change: Partial<PourSetting> = {},
  { metal = { Pb: 1 } as Readonly<Record<string, number>>, mold: key = 'aluminum' } = {},
): PourSetting {
  const poured = pouredThermal(metal);
  const mold = MOLD_MATERIALS.find((each) => each.key === key);
  if (!poured || !mold) throw new RangeError('settingOf requires a known metal and mold');
  return {
    metal: poured,
    mold,
    wire: STEEL_WIRE,
    pouredC: 380,
    blockC: 120,
    airC: 20,
    spinPa: 0,
    streamCm3s: 10,
    gapMm: 0.03,
    vents: [],
    ...change,
  };
}
