/** A block as one lump of heat, and an evening's pours into it. */
export interface BlockEvening {
  readonly massG: number;
  readonly specificJkgK: number;
  /** What it shows to the air, cm2. */
  readonly areaCm2: number;
  readonly airC: number;
  readonly startC: number;
  /** What the castings of a pour give it, J. */
  readonly pourJ: number;
  readonly beatS: number;
  readonly pours: number;
}

export interface WarmedBlock {
  /** How warm it is as each pour begins, C. */
  readonly atPourC: readonly number[];
  /** Where it settles if it goes on so, C. */
  readonly settlesC: number;
}

/** What still air and shining take off a block at such heat, W/m2K (typical). */
export const BLOCK_FILM_WM2K = 14;
const G_PER_KG = 1000;
const CM2_PER_M2 = 10_000;

/** How long a block takes to lose all but a 2.7th of its warmth over the air, s. */
const fadesS = ({ massG, specificJkgK, areaCm2 }: BlockEvening) =>
  ((massG / G_PER_KG) * specificJkgK) / (BLOCK_FILM_WM2K * (areaCm2 / CM2_PER_M2));

/**
 * How warm a block is at each pour: each gives it the heat of its castings, between them the air takes some off.
 *
 * Source: one lump with a film, T = Ta + (T0 - Ta) e^(-t/tau).
 *
 * @example warmBlock({ massG: 900, specificJkgK: 900, areaCm2: 300, airC: 20, startC: 20, pourJ: 3200, beatS: 60, pours: 10 })
 * // atPourC: [20, 23.8, ...]
 */
export function warmBlock(evening: BlockEvening): WarmedBlock {
  const { massG, specificJkgK, airC, startC, pourJ, beatS, pours } = evening;
  const kept = Math.exp(-beatS / fadesS(evening));
  const risesK = pourJ / ((massG / G_PER_KG) * specificJkgK);
  const atPourC: number[] = [];
  let nowC = startC;
  for (let pour = 0; pour < pours; pour += 1) {
    atPourC.push(nowC);
    nowC = airC + (nowC + risesK - airC) * kept;
  }
  return { atPourC, settlesC: airC + (risesK * kept) / (1 - kept) };
}

/**
 * How long a block must rest until it is no warmer than asked, s; nothing where it is not; Infinity where the air is as warm.
 *
 * @example restS(evening, 200, 160) // 640
 */
export function restS(evening: BlockEvening, fromC: number, toC: number): number {
  if (fromC <= toC) return 0;
  return toC <= evening.airC
    ? Infinity
    : fadesS(evening) * Math.log((fromC - evening.airC) / (toC - evening.airC));
}

/**
 * The beat at which a block settles at this heat, s: shorter, and it gets hotter; null where no beat holds it there.
 *
 * @example beatFor(evening, 150) // 24
 */
export function beatFor(evening: BlockEvening, settlesC: number): number | null {
  const { massG, specificJkgK, airC, pourJ } = evening;
  const overK = settlesC - airC;
  const risesK = pourJ / ((massG / G_PER_KG) * specificJkgK);
  return overK > 0 ? fadesS(evening) * Math.log((overK + risesK) / overK) : null;
}
