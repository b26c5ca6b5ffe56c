import { cavityModulus, type ModulusCavity } from '../../cavities/cavity-modulus';
import { shapeCavity } from '../../cavities/shape-cavity';
import { findStyle } from '../../cavities/styles';
import type { PracticeCavity } from './simulate-casting';

/** A head's collar and fins against its body: an eighth of its modulus, about (guess). */
const THIN_SHARE = 0.125;

/**
 * A cavity of the bench as the trainer fills it: its length from its shape, its thinnest part from its modulus. Null
 * where its style is not known.
 *
 * @example practiceCavity({ style: 'ball', nominalG: 40, volumeCm3: 4.18879, outline: null })?.lengthMm // 20
 */
export function practiceCavity(cavity: ModulusCavity & { readonly nominalG: number }): PracticeCavity | null {
  const style = findStyle(cavity.style);
  const modulusMm = cavityModulus(cavity);
  if (!style || modulusMm === null) return null;
  return {
    style: cavity.style,
    nominalG: cavity.nominalG,
    volumeCm3: cavity.volumeCm3,
    lengthMm: shapeCavity(style, cavity.volumeCm3).lengthMm,
    thinModulusMm: THIN_SHARE * modulusMm,
    modulusMm,
    isHooked: style.isHooked,
  };
}
