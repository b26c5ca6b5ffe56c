import { cavityModulus } from '@/core/cavities/cavity-modulus';
import type { MassUnit } from '@/core/units/write-mass';
import type { Mold } from '@/records/mold';
import { markText } from '@/text/words';
import type { Section } from '@/core/cavities/section';

/** Each block as a section to guide the pot by: its thinnest casting. */
export function sectionsOf(molds: readonly Mold[], unit: MassUnit): Section[] {
  return molds.flatMap((mold): Section[] => {
    const known = mold.cavities.flatMap((cavity) => cavityModulus(cavity) ?? []);
    const marks = mold.cavities.map(({ nominalG }) => nominalG);
    const [low, high] = [Math.min(...marks), Math.max(...marks)];
    const span = low === high ? markText(low, unit) : `${markText(low, unit)} to ${markText(high, unit)}`;
    return known.length > 0
      ? [{ id: mold.id, name: `${mold.name}, ${span}`, modulusMm: Math.min(...known) }]
      : [];
  });
}
