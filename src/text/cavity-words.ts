import type { MassUnit } from '@/core/units/write-mass';
import type { Mold } from '@/records/mold';
import { markText } from './words';

/** Which cavities a pour fills, in words. */
export function cavityWords(mold: Mold, cavities: readonly number[], mass: MassUnit): string {
  if (cavities.length === mold.cavities.length)
    return cavities.length > 1 ? 'fill every cavity' : 'fill the cavity';
  const marks = cavities.map((index) => {
    const cavity = mold.cavities[index];
    const twins = mold.cavities.filter((each) => each.nominalG === cavity?.nominalG).length;
    return cavity
      ? `${markText(cavity.nominalG, mass)}${twins > 1 ? ` (no. ${index + 1})` : ''}`
      : String(index + 1);
  });
  return `fill ${marks.join(', ')}${marks.length === 1 ? ' alone' : ''}`;
}
