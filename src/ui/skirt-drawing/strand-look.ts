import { strandTones } from '@/core/skirts/strand-tones';
import type { StrandBin } from '@/records/bin';
import type { StrandLook } from './skirt-look';

/** How a material is drawn. */
export function strandLook({ hex, flakes, translucency }: StrandBin): StrandLook {
  return { tones: strandTones(hex), flakes, opacity: 1 - 0.5 * translucency };
}
