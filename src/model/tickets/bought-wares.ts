import type { PartRoleId } from '@/core/parts/part-roles';
import type { PartBin } from '@/records/bin';
import type { ThingKind } from '@/reference/typical/thing-kind';
import type { BenchFacts } from '../bench/bench-facts';

/** What is sold as it was bought, or put into a bag beside what is made. */
const SOLD: readonly PartRoleId[] = ['rig', 'skirt', 'trailer', 'lure'];

/** Whether such a thing is sold as it was bought. */
export const isSoldAsBought = (kind: ThingKind): boolean => kind.makes === 'part' && SOLD.includes(kind.as);

/** What a ticket may ask for that is bought, not made. */
export function boughtWares({ bins }: Pick<BenchFacts, 'bins'>): PartBin[] {
  return bins.filter(
    (bin): bin is PartBin =>
      bin.kind === 'part' &&
      bin.buildId === null &&
      bin.rigId === null &&
      bin.condition === 'new' &&
      bin.gauge !== null &&
      SOLD.includes(bin.gauge.as),
  );
}
