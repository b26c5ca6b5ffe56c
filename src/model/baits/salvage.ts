import type { Bin } from '@/records/bin';
import type { BuildRecord } from '@/records/build';
import type { ThingKind } from '@/reference/typical/thing-kind';
import { usesOf } from '../bills/build-uses';
import type { BenchFacts } from '../bench/bench-facts';

/** More than ever come off the old baits of one box. */
export const MOST_SALVAGED = 5000;

/** What may come off an old bait. */
export interface Salvageable {
  readonly bin: Bin;
  /** So many where nobody says otherwise. */
  readonly qty: number;
  readonly most: number;
}

/** What comes off whole: what is soft or glued does not. */
export const comesOff = (bin: Bin): boolean =>
  bin.kind === 'hook' ||
  bin.kind === 'head' ||
  (bin.kind === 'part' && bin.gauge !== null && bin.gauge.as !== 'trailer' && bin.gauge.as !== 'guard');

/** The same of the kinds that are commonly sold. */
export const kindComesOff = (kind: ThingKind): boolean =>
  kind.makes === 'hook' ||
  kind.makes === 'head' ||
  (kind.makes === 'part' && kind.as !== 'trailer' && kind.as !== 'guard');

/** What so many old baits give back: the parts of their build, where it is known, and what else was found on them. */
export function salvageOf(
  build: BuildRecord | null,
  baits: number,
  others: readonly string[],
  { binById }: Pick<BenchFacts, 'binById'>,
): Salvageable[] {
  const known = (build ? usesOf(build) : []).flatMap(({ item, qty }): Salvageable[] => {
    const bin = binById.get(item);
    return bin && comesOff(bin) ? [{ bin, qty: qty * baits, most: qty * baits }] : [];
  });
  const added = others.flatMap((id): Salvageable[] => {
    const bin = binById.get(id);
    return bin ? [{ bin, qty: baits, most: MOST_SALVAGED }] : [];
  });
  return [...known, ...added];
}
