import { sum } from '../numeric/sum';
import type { EmbeddedPart } from './embedded-part';

export interface EmbeddedTotals {
  /** Cavity volume that hooks, wires and pins take, cm3. */
  readonly displacedCm3: number;
  /** Mass of what stays in the casting, g. */
  readonly staysG: number;
}

/**
 * What embedded parts take of a cavity and add to the casting; a part that is pulled takes room and adds nothing.
 *
 * @example embeddedTotals([{ name: 'hook', massG: 1.57, volumeCm3: 0.2, embeddedShare: 0.5 }])
 * // { displacedCm3: 0.1, staysG: 1.57 }
 */
export function embeddedTotals(embedded: readonly EmbeddedPart[]): EmbeddedTotals {
  const count = (part: EmbeddedPart) => part.count ?? 1;
  return {
    displacedCm3: sum(embedded.map((part) => count(part) * part.volumeCm3 * (part.embeddedShare ?? 1))),
    staysG: sum(embedded.filter((part) => !part.removed).map((part) => count(part) * part.massG)),
  };
}
