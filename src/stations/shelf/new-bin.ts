import { guessHookMass } from '@/core/cavities/guess-hook-mass';
import { mixMetal } from '@/core/metals/mix-metal';
import type { NewBin as NewBinRecord } from '@/records/plain-bin';
import { PLAIN_PART } from '@/records/plain-part';
import { ELEMENTS } from '@/reference/elements';
import { TYPICAL_JIG_HOOKS } from '@/reference/hooks';
import { REFERENCE_METALS } from '@/reference/metals';

/** Between soft and hard lead: what most scrap is. A guess, and shown as one. */
const SCRAP = { densityGcm3: 11.1, shrinkLinear: 0.008 };

/** What is said of a new bin. */
export interface NewBinForm {
  readonly kind: 'metal' | 'hook' | 'part';
  readonly name: string;
  readonly place: string;
  readonly sort: string;
  readonly keptBy: 'pieces' | 'mm';
  /** One of the list, or none where nobody knows. */
  readonly metalKey: string;
  readonly size: string;
  readonly hookMassG: number | null;
}

/** The bin as it is kept; null where something is still missing. */
export function newBinOf(form: NewBinForm): NewBinRecord | null {
  const { kind, name, place, sort, keptBy, metalKey, size, hookMassG } = form;
  const common = { name: name.trim(), place: place.trim(), lowAt: null, note: '' };
  if (common.name === '') return null;
  if (kind === 'metal') {
    const reference = REFERENCE_METALS.find((metal) => metal.key === metalKey);
    const mixed = reference && mixMetal(reference.composition, ELEMENTS);
    return {
      ...common,
      kind,
      unit: 'g',
      composition: reference ? { ...reference.composition } : null,
      compositionBasis: reference ? 'known' : 'guess',
      costPerKg: null,
      densityGcm3: mixed?.ok ? mixed.value.densityGcm3 : SCRAP.densityGcm3,
      densityBasis: reference ? 'reference' : 'guess',
      shrinkLinear: reference?.shrinkLinear.value ?? SCRAP.shrinkLinear,
      shrinkBasis: reference ? 'reference' : 'guess',
    };
  }
  if (kind === 'hook') {
    const dimensions = TYPICAL_JIG_HOOKS[size];
    if (!dimensions) return null;
    const massG = hookMassG ?? guessHookMass(dimensions);
    return {
      ...common,
      kind,
      unit: 'pieces',
      size,
      massG,
      massBasis: hookMassG === null ? 'guess' : 'weighed',
      ...dimensions,
    };
  }
  return { ...PLAIN_PART, ...common, kind, unit: keptBy, sort: sort.trim() || 'other parts' };
}
