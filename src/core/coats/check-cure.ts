/** What a cure does to the batch, worst first. */
export const CURE_VERDICTS = ['melts', 'softens', 'scorches', 'undercured', 'cured'] as const;

export type CureVerdict = (typeof CURE_VERDICTS)[number];

/** A cure as a powder's card states it: the part so hot, so long, never over. */
export interface CardCure {
  readonly cureC: number;
  readonly cureMin: number;
  readonly maxC: number;
}

export interface CureInput {
  /** The part, not the air round it, C. */
  readonly partC: number;
  /** At that temperature. */
  readonly minutes: number;
  readonly powder: CardCure;
  /** Where the metal begins to melt, C. */
  readonly solidusC: number;
  /** How far under the solidus a part is still too soft to be cured, C; 25 where absent. */
  readonly marginC?: number;
}

export interface CureCheck {
  readonly verdict: CureVerdict;
  /** All that hold, worst first; `cured` alone where nothing is wrong. */
  readonly reasons: readonly CureVerdict[];
}

/** A part within so much of its solidus sags under its own weight, C (common practice). */
export const SOLIDUS_MARGIN_C = 25;

/**
 * Whether a cure suits a powder and a metal: `melts` at the solidus or over, `softens` within `marginC` under it,
 * `scorches` over the powder's limit, `undercured` under its temperature or time, else `cured`.
 *
 * @example
 * checkCure({ partC: 177, minutes: 15, powder: { cureC: 177, cureMin: 15, maxC: 205 }, solidusC: 138 })
 * // { verdict: 'melts', reasons: ['melts', 'softens'] }
 */
export function checkCure({
  partC,
  minutes,
  powder: { cureC, cureMin, maxC },
  solidusC,
  marginC = SOLIDUS_MARGIN_C,
}: CureInput): CureCheck {
  const holds: Record<Exclude<CureVerdict, 'cured'>, boolean> = {
    melts: partC >= solidusC,
    softens: partC >= solidusC - marginC,
    scorches: partC > maxC,
    undercured: partC < cureC || minutes < cureMin,
  };
  const reasons = CURE_VERDICTS.filter((verdict) => verdict !== 'cured' && holds[verdict]);
  const [verdict] = reasons;
  return verdict ? { verdict, reasons } : { verdict: 'cured', reasons: ['cured'] };
}
