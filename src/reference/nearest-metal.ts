import { REFERENCE_METALS, type ReferenceMetal } from './metals';

/**
 * The reference metal nearest to a composition, for pot guidance; null where none is near.
 *
 * @example nearestMetal({ Pb: 0.95, Sb: 0.05 })?.isLead // true
 */
export function nearestMetal(composition: Readonly<Record<string, number>> | null): ReferenceMetal | null {
  if (composition === null) return null;
  const off = (metal: ReferenceMetal) => {
    const elements = new Set([...Object.keys(composition), ...Object.keys(metal.composition)]);
    return Math.max(
      ...[...elements].map((element) =>
        Math.abs((composition[element] ?? 0) - (metal.composition[element] ?? 0)),
      ),
    );
  };
  const [best] = REFERENCE_METALS.map((metal) => ({ metal, off: off(metal) })).sort((a, b) => a.off - b.off);
  return best && best.off <= 0.05 ? best.metal : null;
}
