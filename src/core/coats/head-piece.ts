import { cavityModulus, type ModulusCavity } from '../cavities/cavity-modulus';
import { IRON_JKGK } from './iron';

/** How a head's skin is known: of its own cavity's shape, or of its style's form at its weight. */
export type SkinBasis = 'cavity' | 'form';

/** A head as heat and powder meet it. */
export interface HeadPiece {
  /** All that is heated: the metal and the hook's part in it, g. */
  readonly massG: number;
  /** Of metal and steel together, J/(kg K). */
  readonly specificHeatJkgK: number;
  readonly areaCm2: number;
  /** Its room, cm3. */
  readonly volumeCm3: number;
  /** Through the body, mm: four times the modulus, as of a long bar. */
  readonly thicknessMm: number;
  readonly skin: SkinBasis;
}

export interface HeadPieceFacts {
  /** The cast metal, without the hook, g. */
  readonly metalG: number;
  readonly metalJkgK: number;
  /** Steel cast in, g. */
  readonly steelInG: number;
  /** The cavity it came from; null where nobody knows it. */
  readonly cavity: ModulusCavity | null;
  readonly style: string;
  /** The body's volume where no cavity tells it, cm3. */
  readonly bodyCm3: number;
}

/** cm3 over mm in cm2. */
const CM2_PER_CM3_MM = 10;
const BAR_DIAMETERS_PER_MODULUS = 4;

/**
 * A head's mass, specific heat and skin. The skin is that of its cavity where that is known, else of its style's form
 * at its volume, which is a guess; null where neither is known.
 *
 * @example
 * headPiece({ metalG: 10, metalJkgK: 129, steelInG: 0, cavity: null, style: 'ball', bodyCm3: 0.9 }).skin // 'form'
 */
export function headPiece(facts: HeadPieceFacts): HeadPiece | null {
  const { metalG, metalJkgK, steelInG, cavity, style, bodyCm3 } = facts;
  const own = cavity && cavityModulus(cavity);
  const modulusMm = own ?? cavityModulus({ style, volumeCm3: bodyCm3, outline: null });
  if (modulusMm === null) return null;
  const volumeCm3 = own === null || cavity === null ? bodyCm3 : cavity.volumeCm3;
  const massG = metalG + steelInG;
  return {
    massG,
    specificHeatJkgK: (metalG * metalJkgK + steelInG * IRON_JKGK) / massG,
    areaCm2: (volumeCm3 / modulusMm) * CM2_PER_CM3_MM,
    volumeCm3,
    thicknessMm: modulusMm * BAR_DIAMETERS_PER_MODULUS,
    skin: own === null ? 'form' : 'cavity',
  };
}
