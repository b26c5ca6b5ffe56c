import { shapeCavity } from '@/core/cavities/shape-cavity';
import { findStyle } from '@/core/cavities/styles';
import { loftModulus } from '@/core/solids/loft-modulus';
import type { MassUnit } from '@/core/units/write-mass';
import type { Cavity, Mold } from '@/records/mold';
import { markText } from '../shared';
import type { Section } from './PotGauge';

/** A cavity's modulus from its own outline or its style's, mm; null where neither is known. */
function cavityModulus(cavity: Cavity): number | null {
  if (cavity.outline) {
    const { section, depth, points } = cavity.outline;
    return loftModulus({ section, depth, profile: points.map(([along, r]) => [r, along] as const) });
  }
  const style = findStyle(cavity.style);
  if (!style) return null;
  const { outlineMm } = shapeCavity(style, cavity.volumeCm3);
  return loftModulus({
    section: 'round',
    depth: style.depth,
    profile: outlineMm.map(([along, r]) => [r, along] as const),
  });
}

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
