import { candidateCures } from '@/core/coats/candidate-cures';
import { CURE_SCHOOLS } from '@/core/coats/cures';
import type { CureTime } from '@/core/coats/cures/definition';
import type { CureJudgment } from '@/core/coats/judge-cure';
import type { Rack } from '@/records/rack';
import type { BenchFacts } from '../bench/bench-facts';
import { judgeRack, powdersOn } from './rack-facts';

export interface CureChoice {
  readonly cure: CureTime;
  /** Whose way it is, in words: `By the card`; null for one that only serves several powders. */
  readonly names: readonly string[];
  readonly judgment: CureJudgment;
}

/**
 * The cures to choose from for a rack: what each school does with each powder on it, and what serves them all; those
 * that suit first, coolest first.
 */
export function curesOn(rack: Pick<Rack, 'hung'>, view: BenchFacts): CureChoice[] {
  const powders = powdersOn(rack.hung, view);
  const found = new Map<string, { cure: CureTime; names: string[] }>();
  const add = (cure: CureTime, name: string | null) => {
    const key = `${cure.partC} ${cure.minutes}`;
    const known = found.get(key) ?? { cure, names: [] };
    if (name !== null && !known.names.includes(name)) known.names.push(name);
    found.set(key, known);
  };
  for (const school of CURE_SCHOOLS.filter(({ startsHot }) => !startsHot)) {
    for (const powder of powders) add(school.cureFor(powder), school.name);
  }
  for (const cure of candidateCures(powders)) add(cure, null);
  return [...found.values()]
    .map(({ cure, names }) => ({ cure, names, judgment: judgeRack({ ...rack, ...cure }, view) }))
    .filter(({ names, judgment }) => names.length > 0 || judgment.isGood)
    .sort(
      (a, b) =>
        Number(b.judgment.isGood) - Number(a.judgment.isGood) ||
        a.cure.partC - b.cure.partC ||
        a.cure.minutes - b.cure.minutes,
    );
}
