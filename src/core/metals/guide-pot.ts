export interface PotGuide {
  /** Under this the metal is not all melted, or wrinkles and leaves fins short, C. */
  readonly coldUnderC: number;
  /** Over this it frosts, fumes and freezes slowly, C. */
  readonly hotOverC: number;
}

/** The thickest part of a casting, as its modulus in mm, from which a section counts as thick and as thin. */
const THICK_MM = 3;
const THIN_MM = 0.8;
/** How far to either side of the aim the pot may stray, C. */
const STRAY_C = 25;

/**
 * The band in which a pot should stand for a section: small sections want hotter metal than large ones. The aim
 * runs from the listed temperature for thick sections to that for thin ones by the modulus (volume over area, mm),
 * 25 C to either side, and never under the liquidus.
 *
 * @example guidePot([350, 410], 300, 0.8) // { coldUnderC: 385, hotOverC: 435 }
 */
export function guidePot(
  potC: readonly [thick: number, thin: number],
  liquidusC: number,
  modulusMm: number,
): PotGuide {
  const thinness = Math.min(1, Math.max(0, (THICK_MM - modulusMm) / (THICK_MM - THIN_MM)));
  const aim = potC[0] + thinness * (potC[1] - potC[0]);
  return { coldUnderC: Math.max(liquidusC + 10, aim - STRAY_C), hotOverC: aim + STRAY_C };
}
