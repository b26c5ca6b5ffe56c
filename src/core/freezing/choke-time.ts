import type { PourSetting } from './casting';

export type ChokeSetting = Pick<PourSetting, 'metal' | 'mold' | 'pouredC' | 'blockC'>;

/** How much of it may be solid before a stream stops: half of what freezes at one temperature, less of a mush (typical). */
const [STOPS_PLAIN, STOPS_MUSH] = [0.5, 0.3];
/** From so wide a range on it freezes as a mush, K. */
const MUSH_K = 15;

/**
 * How long metal in a section of this modulus stays able to flow, s: until it has given the mold what it holds over its
 * melting and a share of what melting took. Held back by the gap at the wall and by the mold's own depth, which takes the
 * more the longer it lasts. Modulus is room over skin, mm: half the thickness of a plate, a quarter of a rod's. Nothing where
 * it is poured solid; Infinity where the mold is as hot.
 *
 * Source: fluidity of metals in molds (Flemings, Solidification Processing, 1974; Campbell, Castings); a half-space held at
 * its face for the mold.
 *
 * @example chokeS(leadInAluminum, 0.5) // 0.17, in a plate of 1 mm at a block of 120 C
 */
export function chokeS(setting: ChokeSetting, modulusMm: number): number {
  const { metal, pouredC } = setting;
  const { solidusC, liquidusC, latentJkg } = metal.melting;
  if (pouredC <= solidusC) return 0;
  const stops = liquidusC - solidusC > MUSH_K ? STOPS_MUSH : STOPS_PLAIN;
  const over = metal.specificJkgK * Math.max(0, pouredC - liquidusC);
  return givenAfter(setting, metal.densityKgM3 * (over + stops * latentJkg), modulusMm);
}

/**
 * How long a section of this modulus takes until it is all solid, s: the same with all that melting took.
 *
 * @example frozenS(leadInAluminum, 2) // 1.4
 */
export function frozenS(setting: ChokeSetting, modulusMm: number): number {
  const { metal, pouredC } = setting;
  const { solidusC, latentJkg } = metal.melting;
  const over = metal.specificJkgK * Math.max(0, pouredC - solidusC);
  return givenAfter(setting, metal.densityKgM3 * (over + latentJkg), modulusMm);
}

/** When so much heat of each m3 is through the skin, s: R = 1/h + sqrt(pi a t) / 2k, so t - B sqrt t - A = 0. */
function givenAfter({ metal, mold, blockC }: ChokeSetting, joulesM3: number, modulusMm: number): number {
  const driveK = (metal.melting.liquidusC + metal.melting.solidusC) / 2 - blockC;
  if (driveK <= 0) return Infinity;
  const gives = (joulesM3 * modulusMm) / 1000 / driveK;
  const diffusivity = mold.conductivityWmK / mold.densityKgM3 / mold.specificJkgK;
  const a = gives / mold.contactWm2K;
  const b = (gives * Math.sqrt(Math.PI * diffusivity)) / 2 / mold.conductivityWmK;
  return ((b + Math.sqrt(b * b + 4 * a)) / 2) ** 2;
}
