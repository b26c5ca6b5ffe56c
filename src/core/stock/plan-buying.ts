import { forgivingCeil } from '../numeric/forgiving-ceil';
import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { solveIntegerProgram, type ProgramOptions } from '../numeric/integer-program';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
import { coverRow } from './cover-row';
import { tallyByItem, type ItemAmount } from './tally-by-item';

/** A pack somebody sells. */
export interface PackOffer {
  readonly item: string;
  readonly packId: string;
  /** How much of the item is in it. */
  readonly packQty: number;
  readonly price: number;
  /** As many as there are; absent for as many as it takes. */
  readonly maxPacks?: number;
}

export interface BuyPlan {
  readonly buy: readonly { readonly packId: string; readonly packs: number }[];
  readonly cost: number;
  /** What is over once all is covered, only where something is. */
  readonly surplus: readonly ItemAmount[];
  /** Proven: nothing cheaper covers it. */
  readonly optimal: boolean;
}

/**
 * The cheapest whole packs that cover everything that is short. Amounts in each item's own unit, prices in the maker's own
 * money. The same item twice is summed.
 *
 * Problems: `buy.same-pack-twice`; `buy.no-offers`; `buy.not-sold` where all packs of an item are too few;
 * `plan.unfinished` where the time limit passed with nothing in hand.
 *
 * @example
 * (await planBuying([{ item: 'hook', qty: 60 }], [{ item: 'hook', packId: 'h50', packQty: 50, price: 6 },
 *   { item: 'hook', packId: 'h10', packQty: 10, price: 1.5 }])).value.cost // 7.5
 */
export async function planBuying(
  short: readonly ItemAmount[],
  offers: readonly PackOffer[],
  options: ProgramOptions = {},
): Promise<Outcome<BuyPlan>> {
  const isSame = (a: PackOffer, b: PackOffer) => a.packId === b.packId && a.item === b.item;
  const twice = offers.findIndex((offer, at) => offers.findIndex((each) => isSame(each, offer)) !== at);
  const again = offers[twice];
  if (again) {
    return fail('buy.same-pack-twice', { packId: again.packId, item: again.item }, [
      'offers',
      twice,
      'packId',
    ]);
  }
  const needs = [...tallyByItem(short)].filter(([, qty]) => qty > 0);
  if (needs.length > 0 && offers.length === 0) return fail('buy.no-offers', {});
  let cost = 0;
  let optimal = true;
  const packs = offers.map(() => 0);
  const surplus: ItemAmount[] = [];
  // An item's packs hold nothing of another: each is its own small program.
  for (const [item, qty] of needs) {
    const own = offers.flatMap((offer, at) => (offer.item === item ? [{ ...offer, at }] : []));
    const most = own.map(({ packQty, maxPacks }) =>
      Math.min(maxPacks ?? Infinity, forgivingCeil(qty / packQty)),
    );
    const offered = sum(own.map(({ packQty }, at) => packQty * (most[at] ?? 0)));
    if (offered < qty * (1 - RELATIVE_SLACK)) {
      return fail('buy.not-sold', { item, short: qty, most: offered });
    }
    const dearest = Math.max(1e-300, ...own.map(({ price }) => price));
    const packQtys = own.map(({ packQty }) => packQty);
    const solve = (isRaised: boolean) => {
      const { coefficients, lower } = coverRow(packQtys, qty, isRaised);
      return solveIntegerProgram(
        own.map(({ price }, at) => ({ cost: price / dearest, lower: 0, upper: most[at] ?? 0, whole: true })),
        [{ terms: coefficients.map((each, at) => [at, each] as const), lower, upper: Infinity }],
        options,
      );
    };
    const covers = (values: readonly number[]) =>
      sum(packQtys.map((packQty, nth) => packQty * (values[nth] ?? 0))) >= qty * (1 - RELATIVE_SLACK);
    let answer = await solve(false);
    if (answer.values.length > 0 && !covers(answer.values)) {
      // A hair short by the solver's own tolerance: a hair more is asked for, and nothing is called proven.
      optimal = false;
      answer = await solve(true);
    }
    if ((answer.status !== 'optimal' && answer.status !== 'feasible') || !covers(answer.values)) {
      return fail('plan.unfinished', { seconds: options.timeLimitS ?? 0 });
    }
    optimal &&= answer.status === 'optimal';
    own.forEach(({ at }, nth) => (packs[at] = answer.values[nth] ?? 0));
    const bought = sum(own.map(({ packQty, at }) => packQty * (packs[at] ?? 0)));
    cost += sum(own.map(({ price, at }) => price * (packs[at] ?? 0)));
    if (bought - qty > RELATIVE_SLACK * qty) surplus.push({ item, qty: bought - qty });
  }
  return done({
    buy: offers.flatMap(({ packId }, at) =>
      (packs[at] ?? 0) > 0 ? [{ packId, packs: packs[at] ?? 0 }] : [],
    ),
    cost,
    surplus,
    optimal,
  });
}
