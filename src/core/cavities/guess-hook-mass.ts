import { STEEL_GCM3 } from './steel-density';

export interface HookDimensions {
  readonly wireMm: number;
  readonly shankMm: number;
  readonly gapeMm: number;
}

const MM3_PER_CM3 = 1000;

/**
 * A hook's mass in g from its wire, for a hook nobody weighed: wire of the shank, the half-round bend across the
 * gape, a point of half the gape, and an eye and rise of six wire widths each. Within some 15 % of common jig
 * hooks; weigh ten and divide.
 *
 * @example guessHookMass({ wireMm: 1.1, shankMm: 34, gapeMm: 13 }) // 0.5477...
 */
export function guessHookMass({ wireMm, shankMm, gapeMm }: HookDimensions): number {
  const lengthMm = shankMm + (Math.PI / 2) * gapeMm + gapeMm / 2 + 12 * wireMm;
  const volumeMm3 = (Math.PI / 4) * wireMm ** 2 * lengthMm;
  return (volumeMm3 / MM3_PER_CM3) * STEEL_GCM3;
}
