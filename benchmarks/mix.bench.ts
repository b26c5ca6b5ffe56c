import { performance } from 'node:perf_hooks';
import { mixStock } from '@/core/stock/mix-stock';
import { bigMix, type BigMix } from '../tests/support/big-mix';

const STARTS = [7, 11, 23];

/** How most people share a shelf out: the bait worth most as often as it goes, then the next. */
function greedyByValue({ recipes, shelf }: BigMix): number {
  const left = new Map(shelf.map(({ item, onHand }) => [item, onHand]));
  let worth = 0;
  for (const { uses, value } of [...recipes].sort((a, b) => b.value - a.value)) {
    const count = Math.min(...uses.map(({ item, qty }) => Math.floor((left.get(item) ?? 0) / qty)));
    for (const { item, qty } of uses) left.set(item, (left.get(item) ?? 0) - qty * count);
    worth += count * value;
  }
  return worth;
}

/** The best mix of sixty baits from three hundred parts, beside greedy by value. */
export async function* benchMixes(): AsyncGenerator<string> {
  for (const start of STARTS) {
    const question = bigMix(start);
    const from = performance.now();
    const mixed = await mixStock(question.recipes, question.shelf);
    const tookMs = performance.now() - from;
    if (!mixed.ok) throw new Error(mixed.problem.code);
    const greedy = greedyByValue(question);
    yield [
      `shelf ${start}: ${question.recipes.length} baits, ${question.shelf.length} parts`,
      `  mixed in ${(tookMs / 1000).toFixed(2)} s, ${mixed.value.optimal ? 'proven the best' : 'not proven'}`,
      `  worth ${mixed.value.value.toFixed(1)} against ${greedy.toFixed(1)} greedy by value: ratio ${(mixed.value.value / greedy).toFixed(3)}`,
    ].join('\n');
  }
}
