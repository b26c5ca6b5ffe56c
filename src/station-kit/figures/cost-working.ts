import type { CostSlice } from '@/core/cost/cost-slice';
import type { CostedPart } from '@/core/cost/bill';
import type { Route, RouteNode } from '@/core/cost/cheapest-route';
import { moneyText } from '@/model/cost/cost-slices';
import type { StagePay } from '@/model/cost/outlays';
import { numberText } from '@/text/number-text';
import type { Working } from '@/ui/figure/Figure';
import { moneyWorking } from './money-working';

/** What one piece of a cost comes of. */
export function sliceWorking({ name, money, how, isGuess, tone }: CostSlice): Working {
  const isWork = tone === 'hands' || tone === 'power' || tone === 'tools';
  return {
    title: name,
    steps: [...how, `= ${money}`],
    inputs: [
      isWork
        ? { name: 'work on it', value: 'your log, else as is usual', basis: isGuess ? 'guess' : 'counted' }
        : { name: 'prices', value: 'receipts in the ledger', basis: isGuess ? 'guess' : 'counted' },
    ],
  };
}

/** A costed piece with what each of its parts is called. */
type Named = Pick<CostedPart, 'id' | 'name'> & { readonly parts: readonly Named[] };

function namedIn(part: Named, id: string): string | null {
  if (part.id === id) return part.name;
  return part.parts.reduce<string | null>((found, under) => found ?? namedIn(under, id), null);
}

/** What one costs by a way: what is made of it, and what is bought in with its share of the postage. */
export function routeWorking(
  { bought, costEach }: Pick<Route, 'bought' | 'costEach'>,
  whole: RouteNode,
  count: number,
  part: Named,
  sign: string,
): Working {
  const nameOf = (id: string) => namedIn(part, id) ?? 'the rest';
  const linesOf = (node: RouteNode): { name: string; each: number }[] =>
    node.buy && bought.includes(node.id)
      ? [{ name: `${nameOf(node.id)}, bought in`, each: node.buy.each + node.buy.postage / count }]
      : [
          { name: `work on ${nameOf(node.id)}`, each: node.ownCost },
          { name: `parts of ${nameOf(node.id)}`, each: node.partsCost },
          ...node.under.flatMap(linesOf),
        ].filter(({ each }) => each > 0);
  const working = moneyWorking(`One, where ${count} are made`, linesOf(whole), costEach, sign);
  return {
    ...working,
    inputs: [
      ...working.inputs,
      { name: 'bought in', value: 'as you noted it, postage shared', basis: 'given' },
    ],
  };
}

/** From how many pieces on an outlay has paid. */
export function payWorking({ name, laidOut, makeEach, buyEach, pieces }: StagePay, sign: string): Working {
  const saved = (buyEach ?? 0) - (makeEach ?? 0);
  // To a tenth of a cent, or the difference would not seem to follow.
  const fine = (value: number) => `${sign} ${value.toFixed(3)}`;
  return {
    title: `${name}, until it has paid`,
    steps: [
      `bought ${fine(buyEach ?? 0)} − made ${fine(makeEach ?? 0)} = ${fine(saved)} saved a piece`,
      `${moneyText(laidOut, sign)} ÷ ${fine(saved)} = ${numberText(pieces ?? 0, 6)} pieces, rounded up`,
      'on the average of what you noted a shop’s price of; made without what the tools cost, in runs of twenty',
    ],
    inputs: [
      { name: 'laid out', value: moneyText(laidOut, sign), basis: 'given' },
      { name: 'bought', value: 'as you noted it', basis: 'given' },
      { name: 'made', value: moneyText(makeEach ?? 0, sign), basis: 'computed' },
    ],
  };
}

/** What one is offered at. */
export function priceWorking(costEach: number, marginShare: number, each: number, sign: string): Working {
  return {
    title: 'Offered at',
    steps: [
      `${moneyText(costEach, sign)} × (1 + ${numberText(marginShare * 100, 3)} %) = ${moneyText(each, sign)}`,
    ],
    inputs: [
      { name: 'what it costs you', value: moneyText(costEach, sign), basis: 'computed' },
      { name: 'margin', value: `${numberText(marginShare * 100, 3)} %`, basis: 'given' },
    ],
  };
}

/** What an offer is over what it costs. */
export function overWorking(total: number, cost: number, sign: string): Working {
  return {
    title: 'Over what it costs',
    steps: [`${moneyText(total, sign)} − ${moneyText(cost, sign)} = ${moneyText(total - cost, sign)}`],
    inputs: [{ name: 'what it costs you', value: moneyText(cost, sign), basis: 'computed' }],
  };
}

/** What a part is of the whole cost. */
export function ofWholeWorking({ name, each, money }: CostSlice, whole: number, sign: string): Working {
  return {
    title: `${name}, its share`,
    steps: [`${money} ÷ ${moneyText(whole, sign)} = ${Math.round((100 * each) / Math.max(1e-9, whole))} %`],
    inputs: [{ name, value: money, basis: 'computed' }],
  };
}
