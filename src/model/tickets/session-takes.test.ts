import { planPours } from '@/core/pours/plan-pours';
import { demoBench } from '@/demo/demo-bench';
import { viewOf } from '../../../tests/support/view-of';
import { sessionOf, takesOf } from './session-takes';

const view = viewOf(demoBench(Date.UTC(2026, 10, 23, 12)));

describe('what a session takes of the shelf', () => {
  it('lets go of the heel, where there is metal for all that is asked and no more', async () => {
    const metal = view.metals.find(({ id }) => id === 'lot-14')!;
    const wants = view.wants.filter(({ metalBinId }) => metalBinId === metal.id).slice(0, 1);
    const session = sessionOf(view, wants, metal);
    const plan = await planPours(session.demand, session.molds);
    if (!plan.ok) throw new Error(plan.problem.code);
    const with_ = (grams: number) => {
      const levels = new Map(view.levels).set(metal.id, grams);
      return takesOf({ ...view, levels, promised: new Map() }, session, plan.value, metal, new Map())!;
    };
    const plenty = with_(1e6);
    expect(plenty.budget.heelG).toBe(view.pot.heelG);
    const { chargeG, heelG } = plenty.budget;
    const metalShort = ({ short }: typeof plenty) => short.some(({ item }) => item === metal.id);
    const scant = with_(chargeG - heelG / 2);
    expect(scant.budget.heelG).toBeCloseTo(heelG / 2, 6);
    expect(metalShort(scant)).toBe(false);
    // Less than the castings take is short, heel or none.
    expect(metalShort(with_(chargeG - heelG - 5))).toBe(true);
  });
});
