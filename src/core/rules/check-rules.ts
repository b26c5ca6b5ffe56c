/** A rule of the maker's own, as the sums need it. */
export interface MetalRule {
  readonly id: string;
  readonly place: string;
  readonly from: string | null;
  readonly until: string | null;
  readonly element: string;
  readonly overShare: number;
  readonly underG: number | null;
  readonly underMm: number | null;
  readonly isOn: boolean;
}

export interface RuledCasting {
  readonly massG: number;
  /** Null where nobody knows: a rule by length then asks. */
  readonly lengthMm: number | null;
  /** Null where nobody knows: every rule then asks. */
  readonly composition: Readonly<Record<string, number>> | null;
  /** The day it is for, `2026-11-28`; days of one form sort as text. */
  readonly day: string;
}

export interface RuleVerdict {
  readonly ruleId: string;
  /** `bars`: it does not go. `asks`: it cannot be told, since the metal or the length is not known. */
  readonly verdict: 'bars' | 'asks';
}

/**
 * Holds a casting against the maker's rules of a day: which bar it and which cannot tell. A rule bars what holds
 * more of its element than its share, where the casting is lighter than `underG` or shorter than `underMm`, or at
 * all where it names neither.
 *
 * @example checkRules([noLead], { massG: 10, lengthMm: null, composition: { Pb: 1 }, day: '2026-11-28' })
 * // [{ ruleId: noLead.id, verdict: 'bars' }]
 */
export function checkRules(rules: readonly MetalRule[], casting: RuledCasting): RuleVerdict[] {
  return rules.flatMap((rule): RuleVerdict[] => {
    const isInForce =
      rule.isOn && (rule.from ?? '') <= casting.day && (rule.until === null || casting.day <= rule.until);
    if (!isInForce) return [];
    const holds =
      casting.composition === null ? null : (casting.composition[rule.element] ?? 0) > rule.overShare;
    if (holds === false) return [];
    const reaches = reach(rule, casting);
    if (reaches === false) return [];
    return [{ ruleId: rule.id, verdict: holds === null || reaches === null ? 'asks' : 'bars' }];
  });
}

/** Whether the casting is small enough for the rule; null where that cannot be told. */
function reach({ underG, underMm }: MetalRule, { massG, lengthMm }: RuledCasting): boolean | null {
  if (underG === null && underMm === null) return true;
  if (underG !== null && massG < underG) return true;
  if (underMm === null) return false;
  return lengthMm === null ? null : lengthMm < underMm;
}
