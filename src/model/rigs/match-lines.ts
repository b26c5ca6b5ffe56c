import type { MatchLine, MatchTableId } from '@/core/rigs/match-table';
import { TYPICAL_MATCHES } from '@/reference/matches';
import type { BenchFacts } from '../bench/bench-facts';

/** What suits what: the maker's lines, and the shipped ones. */
export function matchLines({ matches }: Pick<BenchFacts, 'matches'>): MatchLine[] {
  return [
    ...matches.map(({ table, from, to, takes }): MatchLine => {
      return { table: table as MatchTableId, from, to, takes, basis: 'tried' };
    }),
    ...TYPICAL_MATCHES,
  ];
}
