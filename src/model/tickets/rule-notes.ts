import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import { findStyle } from '@/core/cavities/styles';
import { checkRules } from '@/core/rules/check-rules';
import type { LineWant } from '@/core/tickets/facts';
import { judgeCavity } from '@/core/tickets/judge-cavity';
import type { MetalBin } from '@/records/bin';
import type { Rule } from '@/records/rule';
import type { BenchFacts } from '../bench/bench-facts';

/** A line of a ticket that a rule speaks of. */
export interface RuleNote {
  readonly want: LineWant;
  readonly rule: Rule;
  readonly verdict: 'bars' | 'asks';
  /** Lots that no rule bars and some mold makes the line in; those nothing can be cast of are left out. */
  readonly instead: readonly MetalBin[];
}

type RuleFacts = Pick<BenchFacts, 'rules' | 'metals' | 'molds' | 'hooks' | 'levels'>;

/** Holds each line against the maker's rules, and finds the metals that would do instead. */
export function ruleNotes(wants: readonly LineWant[], view: RuleFacts, today: string): RuleNote[] {
  return wants.flatMap((want) => {
    const own = view.metals.find(({ id }) => id === want.metalBinId);
    const verdicts = own ? verdictsOf(want, own, view.rules, today) : [];
    if (verdicts.length === 0) return [];
    const instead = view.metals.filter(
      (metal) =>
        metal.id !== want.metalBinId &&
        (view.levels.get(metal.id) ?? 0) > 0 &&
        verdictsOf(want, metal, view.rules, today).length === 0 &&
        isMadeIn(want, metal, view),
    );
    return verdicts.flatMap(({ ruleId, verdict }): RuleNote[] => {
      const rule = view.rules.find(({ id }) => id === ruleId);
      return rule ? [{ want, rule, verdict, instead }] : [];
    });
  });
}

function verdictsOf(want: LineWant, metal: MetalBin, rules: readonly Rule[], today: string) {
  return checkRules(rules, {
    massG: want.nominalG,
    lengthMm: lengthOf(want, metal),
    composition: metal.composition,
    day: want.dueOn ?? today,
  });
}

/** How long such a casting is, mm: its style's outline at the volume of its weight. */
function lengthOf(want: LineWant, metal: MetalBin): number | null {
  const style = findStyle(want.style);
  return style ? shapeCavity(style, want.nominalG / castGramsPerCm3(metal)).lengthMm : null;
}

function isMadeIn(want: LineWant, metal: MetalBin, { molds, hooks }: RuleFacts): boolean {
  const hook = want.hookBinId === null ? null : (hooks.get(want.hookBinId) ?? null);
  return molds.some((mold) =>
    mold.cavities.some((cavity) => judgeCavity(cavity, want, metal, hook, want.toleranceShare).fits),
  );
}
