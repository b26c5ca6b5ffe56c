import type { BuyNeed } from '@/model/stock/buying';
import type { BenchView } from '@/model/bench/bench-view';
import type { Bin } from '@/records/bin';
import type { MassUnit } from '@/core/units/write-mass';
import { sum } from '@/core/numeric/sum';
import { amountText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** What of a bin is promised, ticket by ticket. */
export function promisedWorking(
  bin: Bin,
  { promises, promised, tickets }: Pick<BenchView, 'promises' | 'promised' | 'tickets'>,
  mass: MassUnit,
): Working {
  const own = promises.filter(({ item }) => item === bin.id);
  const whoseIs = [...new Set(own.map(({ forWhom }) => forWhom))];
  const text = (qty: number) => amountText(qty, bin, mass);
  return {
    title: 'Promised',
    steps: [
      ...whoseIs.map((forWhom) => {
        const ticket = tickets.find(({ id }) => id === forWhom);
        const qty = sum(own.filter((each) => each.forWhom === forWhom).map((each) => each.qty));
        return `${ticket ? `ticket ${ticket.no}, ${ticket.title}` : 'a run under way'}: ${text(qty)}`;
      }),
      `together ${text(promised.get(bin.id) ?? 0)}`,
    ],
    inputs: [
      { name: 'what is still to make', value: 'open tickets, less what lies there', basis: 'counted' },
    ],
  };
}

/** What of a bin is free. */
export function freeWorking(
  bin: Bin,
  { onHand, promised, free }: { readonly onHand: number; readonly promised: number; readonly free: number },
  mass: MassUnit,
): Working {
  const text = (qty: number) => amountText(qty, bin, mass);
  return {
    title: 'Free',
    steps: [
      `${text(onHand)} on hand − ${text(promised)} promised = ${text(free)}${promised > onHand ? ', never under nothing' : ''}`,
    ],
    inputs: [
      { name: 'on hand', value: text(onHand), basis: 'counted' },
      { name: 'promised', value: text(promised), basis: 'computed' },
    ],
  };
}

/** What a bin lacks, or wants to be full again, once what is on its way is here. */
export function needWorking(
  { onHand, onOrder, promised, short, toFill }: BuyNeed,
  bin: Bin,
  of: 'short' | 'toFill',
  mass: MassUnit,
): Working {
  const text = (qty: number) => amountText(qty, bin, mass);
  const left = onHand + onOrder - promised;
  const there = `${text(onHand)} on hand + ${text(onOrder)} on order − ${text(promised)} promised`;
  return {
    title: of === 'short' ? 'Short' : 'To fill',
    steps:
      of === 'short'
        ? [`${there}: ${text(short)} short`]
        : [
            `${there} = ${text(Math.max(0, left))} left, at or under ${text(bin.lowAt ?? 0)}, which you call low`,
            `full is ${text(Math.max(0, left) + toFill)}: ${text(toFill)} to it`,
          ],
    inputs: [
      { name: 'on hand', value: text(onHand), basis: 'counted' },
      { name: 'promised', value: text(promised), basis: 'computed' },
      ...(of === 'short'
        ? []
        : [
            bin.fillTo === null || bin.fillTo === undefined
              ? ({ name: 'full', value: 'three times what is low', basis: 'usual' } as const)
              : ({ name: 'full', value: text(bin.fillTo), basis: 'given' } as const),
          ]),
    ],
  };
}
