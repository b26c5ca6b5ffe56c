import type { MassUnit } from '@/core/units/write-mass';
import type { Bin } from '@/records/bin';
import { headText } from '@/text/words';

const UNITS: readonly MassUnit[] = ['g', 'oz-fraction', 'oz'];

/**
 * Names that Ruvek made for heads, `Round 10.6 g, 2/0, Lot 9`, in the maker's own unit. A name of the maker's own stays as it
 * is.
 *
 * @param bins All of the bench's.
 * @param mass The unit to name weights in.
 * @example nameHeads([head], 'oz-fraction')[0].name // 'Round 3/8 oz, 2/0, Lot 9'
 */
export function nameHeads(bins: readonly Bin[], mass: MassUnit): readonly Bin[] {
  const binById = new Map(bins.map((bin) => [bin.id, bin]));
  return bins.map((bin) => {
    if (bin.kind !== 'head') return bin;
    const written = UNITS.map((unit) => headText(bin, binById, unit)).find((name) =>
      startsWith(bin.name, name),
    );
    const name = headText(bin, binById, mass);
    return written === undefined || written === name
      ? bin
      : { ...bin, name: `${name}${bin.name.slice(written.length)}` };
  });
}

/** Whether a name begins with another that ends there: `Round 10 g` does not begin `Round 10 gross`. */
const startsWith = (name: string, first: string) =>
  name.startsWith(first) && (name.length === first.length || name.charAt(first.length) === ',');
