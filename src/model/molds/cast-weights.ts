import { takesHook } from '@/core/tickets/takes-hook';
import { finishedWeight } from '@/core/tickets/finished-weight';
import type { MetalFacts } from '@/core/tickets/facts';
import type { HookBin } from '@/records/bin';
import type { Cavity } from '@/records/mold';
import type { BenchFacts } from '../bench/bench-facts';

/** What a cavity of the blocks gives in a metal. */
export interface CastWeight {
  /** As the block is marked, g. */
  readonly nominalG: number;
  /** What a casting of it weighs in that metal, hook and all, g. */
  readonly finishedG: number;
  readonly style: string;
  /** Its room was measured; else its mark is all that is known. */
  readonly isMeasured: boolean;
}

/** A hook that a cavity takes, as one lies on the shelf; null where it takes none, or none lies there. */
function hookFor(cavity: Cavity, hooks: Iterable<HookBin>): HookBin | null {
  const fitting = [...hooks].filter((hook) => takesHook(cavity, hook));
  return fitting.find(({ size }) => size === cavity.hookSizes[0]) ?? fitting[0] ?? null;
}

/** Weights nearer than this are one to a maker, a share. */
const ALIKE = 0.005;

/**
 * What the blocks give in a metal, lightest first, each weight once: by the cavity’s own room, which a mark does not tell in
 * every metal. `suits` leaves cavities out.
 *
 * @example castWeights(pewter, view)[0] // { nominalG: 10, finishedG: 6.6, style: 'round', isMeasured: true }
 */
export function castWeights(
  metal: MetalFacts,
  { molds, hooks }: Pick<BenchFacts, 'molds' | 'hooks'>,
  suits: (cavity: Cavity) => boolean = () => true,
): CastWeight[] {
  const all = molds
    .flatMap(({ cavities }) => cavities.filter(suits))
    .flatMap((cavity): CastWeight[] => {
      const cast = finishedWeight(cavity, metal, hookFor(cavity, hooks.values()));
      if (!cast.ok) return [];
      const { nominalG, style, volumeBasis } = cavity;
      return [{ nominalG, style, finishedG: cast.value.finishedG, isMeasured: volumeBasis !== 'guess' }];
    })
    .sort((a, b) => a.finishedG - b.finishedG || Number(b.isMeasured) - Number(a.isMeasured));
  return all.filter(
    (each, at) =>
      !all
        .slice(0, at)
        .some(
          (other) =>
            other.nominalG === each.nominalG && Math.abs(other.finishedG / each.finishedG - 1) <= ALIKE,
        ),
  );
}
