import { moneyText } from '@/model/cost/cost-slices';
import type { Working } from '@/ui/figure/Figure';

interface MoneyLine {
  readonly name: string;
  readonly each: number;
  readonly count?: number;
}

/** A sum of money, line by line; what has no price is named and left out. */
export function moneyWorking(
  title: string,
  lines: readonly MoneyLine[],
  total: number,
  sign: string,
  unpriced: readonly string[] = [],
): Working {
  return {
    title,
    steps: [
      ...lines.map(({ name, each, count = 1 }) =>
        count === 1
          ? `${name}: ${moneyText(each, sign)}`
          : `${name}: ${count} × ${moneyText(each, sign)} = ${moneyText(count * each, sign)}`,
      ),
      `together ${moneyText(total, sign)}`,
      ...(unpriced.length > 0 ? [`without a price, and left out: ${unpriced.join(', ')}`] : []),
    ],
    inputs: [{ name: 'prices', value: 'receipts in the ledger, and what you set', basis: 'counted' }],
  };
}
