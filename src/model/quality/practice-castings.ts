import { cavityModulus } from '@/core/cavities/cavity-modulus';
import { guidePot } from '@/core/metals/guide-pot';
import type { PracticeMetal } from '@/core/quality/practice/pose-casting';
import { practiceCavity } from '@/core/quality/practice/practice-cavity';
import type { PracticeCavity } from '@/core/quality/practice/simulate-casting';
import type { Mold } from '@/records/mold';
import { pouredMetal } from '@/reference/poured-metal';
import { pouredThermal } from '@/reference/poured-thermal';
import { moldMaterial } from '../molds/cast-question';
import type { ReferenceMetal } from '@/reference/metals';

/** A bench without blocks practices on these. */
const SPARE = [
  { style: 'round', nominalG: 10, volumeCm3: 0.9, outline: null },
  { style: 'football', nominalG: 14, volumeCm3: 1.25, outline: null },
  { style: 'egg', nominalG: 30, volumeCm3: 2.7, outline: null },
];

/** The cavities that practice poses castings of: those of the bench's own blocks. */
export function practiceCavities(molds: readonly Mold[]): PracticeCavity[] {
  const own = molds
    .flatMap(({ cavities }) => cavities)
    .flatMap((cavity) => {
      const found = practiceCavity(cavity);
      return found ? [found] : [];
    });
  return own.length > 0 ? own : SPARE.flatMap((cavity) => practiceCavity(cavity) ?? []);
}

/** Lead with antimony: what most benches pour. */
const USUAL = 'lead-4';

/** While metal runs it lies closer to the wall than when it has shrunk off it: more heat goes through, W/m2K (Flemings, about). */
const RUNNING_CONTACT = 2200;

/** A metal as the trainer pours it into a cavity of an aluminum block: its heats from its elements, its aim from the guide. */
export function practiceMetal(cavity: PracticeCavity, key: string = USUAL): PracticeMetal {
  const listed = pouredMetal(key);
  const metal = pouredThermal(listed.composition);
  if (!metal) throw new RangeError(`practiceMetal requires a metal whose melting is known; '${key}' is none`);
  const mold = { ...moldMaterial('aluminum'), contactWm2K: RUNNING_CONTACT };
  return { metal, mold, aimC: aimOf(listed, cavity) };
}

function aimOf(metal: ReferenceMetal, { style, volumeCm3 }: PracticeCavity): number {
  const modulusMm = cavityModulus({ style, volumeCm3, outline: null }) ?? 1;
  const { coldUnderC, hotOverC } = guidePot(metal.potC.value, metal.liquidusC.value, modulusMm);
  return Math.round((coldUnderC + hotOverC) / 2);
}
