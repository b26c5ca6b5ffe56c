import { forgivingCeil } from '../numeric/forgiving-ceil';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';

export interface BudgetLine {
  /** Metal in one casting, g. */
  readonly pieceMetalG: number;
  /** Good castings wanted. */
  readonly count: number;
  /** Share of castings that fail, 0 to under 1. */
  readonly scrapShare: number;
}

export interface BudgetInput {
  readonly lines: readonly BudgetLine[];
  readonly pours: number;
  /** Sprue and gate of one pour, g. */
  readonly spruePerPourG: number;
  /** Share of the melt that is skimmed off, 0 to under 1. */
  readonly drossShare: number;
  /** What stays in the pot because no ladle or spout reaches it, g. */
  readonly heelG: number;
  readonly potCapacityG: number;
  readonly sprueReturned?: boolean;
  readonly scrapReturned?: boolean;
}

export interface MetalBudget {
  readonly castPieces: readonly number[];
  readonly castG: number;
  readonly sprueG: number;
  /** What must go into the pot, g. */
  readonly chargeG: number;
  /** What does not come back, g. */
  readonly consumedG: number;
  readonly drossG: number;
  readonly potFills: number;
}

/**
 * The metal a run takes, in g: castings with those that will fail, sprues, dross, and the heel.
 * castPieces = ceil(count / (1 - scrap)); dross = (cast + sprue) d / (1 - d); charge = cast + sprue + dross +
 * heel; consumed = good metal + dross, and sprue and scrap where they do not go back;
 * potFills = ceil((cast + sprue + dross) / (capacity - heel)).
 *
 * Problems: `budget.heel-fills-pot`; `budget.all-scrap` and `budget.all-dross` where a share is 1.
 *
 * @example
 * // 60 heads of 9 g, one in ten fails, 60 pours with 2 g of sprue, 2 % dross, no heel, 4 kg pot:
 * // 67 castings, 603 g + 120 g + 14.755 g = 737.755 g to charge
 * budgetMetal({ lines: [{ pieceMetalG: 9, count: 60, scrapShare: 0.1 }], pours: 60, spruePerPourG: 2,
 *   drossShare: 0.02, heelG: 0, potCapacityG: 4000 })
 */
export function budgetMetal(input: BudgetInput): Outcome<MetalBudget> {
  const { lines, pours, spruePerPourG, drossShare, heelG, potCapacityG } = input;
  if (heelG >= potCapacityG) return fail('budget.heel-fills-pot', { heelG, potCapacityG }, ['heelG']);
  if (drossShare >= 1) return fail('budget.all-dross', { drossShare }, ['drossShare']);
  const hopeless = lines.findIndex((line) => line.scrapShare >= 1);
  if (hopeless >= 0) {
    const scrapShare = lines[hopeless]?.scrapShare ?? 1;
    return fail('budget.all-scrap', { scrapShare }, ['lines', hopeless, 'scrapShare']);
  }

  const castPieces = lines.map((line) => forgivingCeil(line.count / (1 - line.scrapShare)));
  const castG = sum(lines.map((line, index) => (castPieces[index] ?? 0) * line.pieceMetalG));
  const goodG = sum(lines.map((line) => line.count * line.pieceMetalG));
  const sprueG = pours * spruePerPourG;
  const drossG = ((castG + sprueG) * drossShare) / (1 - drossShare);
  const chargeG = sum([castG, sprueG, drossG, heelG]);
  const lostSprueG = (input.sprueReturned ?? true) ? 0 : sprueG;
  const lostScrapG =
    (input.scrapReturned ?? true)
      ? 0
      : sum(lines.map((line, index) => ((castPieces[index] ?? 0) - line.count) * line.pieceMetalG));
  return done({
    castPieces,
    castG,
    sprueG,
    chargeG,
    consumedG: sum([goodG, drossG, lostSprueG, lostScrapG]),
    drossG,
    potFills: forgivingCeil((castG + sprueG + drossG) / (potCapacityG - heelG)),
  });
}
