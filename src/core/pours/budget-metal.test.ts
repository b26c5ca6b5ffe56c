import fc from 'fast-check';
import { budgetMetal, type BudgetInput } from './budget-metal';

const BASE: BudgetInput = {
  lines: [{ pieceMetalG: 9, count: 60, scrapShare: 0.1 }],
  pours: 60,
  spruePerPourG: 2,
  drossShare: 0.02,
  heelG: 0,
  potCapacityG: 4000,
};

function budgetOf(input: Partial<BudgetInput>) {
  const budget = budgetMetal({ ...BASE, ...input });
  if (!budget.ok) throw new Error(budget.problem.code);
  return budget.value;
}

describe('budgetMetal', () => {
  it('adds up castings, sprues, dross and heel', () => {
    // ceil(60 / 0.9) = 67 castings, 603 g; 120 g of sprue; dross 723 x 0.02 / 0.98 = 14.755 g
    const budget = budgetOf({ heelG: 100 });
    expect(budget.castPieces).toEqual([67]);
    expect(budget.castG).toBe(603);
    expect(budget.sprueG).toBe(120);
    expect(budget.drossG).toBeCloseTo((723 * 0.02) / 0.98, 12);
    expect(budget.chargeG).toBeCloseTo(723 + (723 * 0.02) / 0.98 + 100, 9);
    expect(budget.consumedG).toBeCloseTo(540 + (723 * 0.02) / 0.98, 9);
    expect(budget.potFills).toBe(1);
  });

  it('counts sprue and scrap as gone where they do not go back', () => {
    const kept = budgetOf({});
    const gone = budgetOf({ sprueReturned: false, scrapReturned: false });
    expect(gone.consumedG - kept.consumedG).toBeCloseTo(120 + 7 * 9, 9);
  });

  it('forgives rounding noise in the pieces and in the fills', () => {
    // 63 / (1 - 0.3) is 90.00000000000001 in floating point
    expect(budgetOf({ lines: [{ pieceMetalG: 1, count: 63, scrapShare: 0.3 }] }).castPieces).toEqual([90]);
    const full = budgetOf({
      lines: [{ pieceMetalG: 10, count: 300, scrapShare: 0 }],
      spruePerPourG: 0,
      drossShare: 0,
      potCapacityG: 1500,
    });
    expect(full.potFills).toBe(2);
  });

  it('fills the pot again when the heel leaves less room', () => {
    expect(budgetOf({ potCapacityG: 400, heelG: 0 }).potFills).toBe(2);
    expect(budgetOf({ potCapacityG: 400, heelG: 200 }).potFills).toBe(4);
  });

  it('never charges less than it consumes', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            pieceMetalG: fc.double({ min: 0, max: 500, noNaN: true }),
            count: fc.nat(500),
            scrapShare: fc.double({ min: 0, max: 0.9, noNaN: true }),
          }),
          { minLength: 1, maxLength: 5 },
        ),
        fc.boolean(),
        fc.boolean(),
        (lines, sprueReturned, scrapReturned) => {
          const budget = budgetOf({ lines, sprueReturned, scrapReturned });
          expect(budget.chargeG).toBeGreaterThanOrEqual(budget.consumedG - 1e-6);
        },
      ),
    );
  });

  it('refuses a heel that fills the pot and shares that leave nothing', () => {
    const problem = (input: Partial<BudgetInput>) => budgetMetal({ ...BASE, ...input });
    expect(problem({ heelG: 4000 })).toMatchObject({
      problem: { code: 'budget.heel-fills-pot', path: ['heelG'] },
    });
    expect(problem({ drossShare: 1 })).toMatchObject({ problem: { code: 'budget.all-dross' } });
    expect(problem({ lines: [...BASE.lines, { pieceMetalG: 1, count: 1, scrapShare: 1 }] })).toMatchObject({
      problem: { code: 'budget.all-scrap', path: ['lines', 1, 'scrapShare'] },
    });
  });
});
