import { castGramsPerCm3 } from '@/core/cavities/cast-grams-per-cm3';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import { findStyle } from '@/core/cavities/styles';
import { checkRules } from '@/core/rules/check-rules';
import type { LineWant } from '@/core/tickets/facts';
import { judgeCavity } from '@/core/tickets/judge-cavity';
import { allotFreeHeads, type FreeHeads } from '@/core/tickets/allot-free-heads';
import type { HeadBin, MetalBin } from '@/records/bin';
import { listedMetal, metalIdOf, type KnownMetal } from '../metals/listed-metal';
import { freeHeads } from '../heads/free-heads';
import type { Rule } from '@/records/rule';
import type { BenchFacts } from '../bench/bench-facts';

/** A line of a ticket that a rule speaks of. */
export interface RuleNote {
  readonly want: LineWant;
  readonly rule: Rule;
  readonly verdict: 'bars' | 'asks';
  /** The heads of the shelf it speaks of; null where the line names its metal. */
  readonly heads: HeadBin | null;
  /** Lots that no rule bars and some mold makes the line in; or heads that lie there and no rule bars. */
  readonly instead: readonly (MetalBin | HeadBin)[];
}

type RuleFacts = Pick<
  BenchFacts,
  'rules' | 'metals' | 'molds' | 'hooks' | 'levels' | 'bins' | 'binById' | 'tickets' | 'ticketEntries'
>;

/** Holds each line against the maker's rules, and finds the metals that would do instead. */
export function ruleNotes(wants: readonly LineWant[], view: RuleFacts, today: string): RuleNote[] {
  const free = wants.some(({ metalBinId }) => metalBinId === null) ? freeHeads(view) : [];
  return wants.flatMap((want) => {
    if (want.metalBinId === null) return shelfNotes(want, free, view, today);
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
      return rule ? [{ want, rule, verdict, heads: null, instead }] : [];
    });
  });
}

/** A line that names no metal takes heads of the shelf: each that would go to it is held against the rules by its own. */
function shelfNotes(want: LineWant, free: readonly FreeHeads[], view: RuleFacts, today: string): RuleNote[] {
  const near = free.filter((head) => allotFreeHeads([want], [head]).length > 0);
  const bins = near.flatMap(({ headBinId }) => {
    const bin = view.binById.get(headBinId);
    return bin?.kind === 'head' ? [bin] : [];
  });
  const judged = bins.map((bin) => ({ bin, verdicts: verdictsOn(bin, want, view, today) }));
  const instead = judged.filter(({ verdicts }) => verdicts.length === 0).map(({ bin }) => bin);
  return judged.flatMap(({ bin, verdicts }) =>
    verdicts.flatMap(({ ruleId, verdict }): RuleNote[] => {
      const rule = view.rules.find(({ id }) => id === ruleId);
      return rule ? [{ want, rule, verdict, heads: bin, instead }] : [];
    }),
  );
}

/** What the rules say of a head that lies there: by the lot it was cast of, or by what its seller says it is. */
function verdictsOn(bin: HeadBin, want: LineWant, { metals, rules }: RuleFacts, today: string) {
  const metal = metals.find(({ id }) => id === bin.metalBinId) ?? listedMetal(metalIdOf(bin));
  const asked = { ...want, style: bin.style, nominalG: bin.nominalG };
  if (metal) return verdictsOf(asked, metal, rules, today);
  return checkRules(rules, {
    massG: bin.nominalG,
    lengthMm: null,
    composition: null,
    day: want.dueOn ?? today,
  });
}

function verdictsOf(want: LineWant, metal: KnownMetal, rules: readonly Rule[], today: string) {
  return checkRules(rules, {
    massG: want.nominalG,
    lengthMm: lengthOf(want, metal),
    composition: metal.composition,
    day: want.dueOn ?? today,
  });
}

/** How long such a casting is, mm: its style's outline at the volume of its weight. */
function lengthOf(want: LineWant, metal: KnownMetal): number | null {
  const style = findStyle(want.style);
  return style ? shapeCavity(style, want.nominalG / castGramsPerCm3(metal)).lengthMm : null;
}

function isMadeIn(want: LineWant, metal: MetalBin, { molds, hooks }: RuleFacts): boolean {
  const hook = want.hookBinId === null ? null : (hooks.get(want.hookBinId) ?? null);
  return molds.some((mold) =>
    mold.cavities.some((cavity) => judgeCavity(cavity, want, metal, hook, want.toleranceShare).fits),
  );
}
