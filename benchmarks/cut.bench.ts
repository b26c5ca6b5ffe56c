import { performance } from 'node:perf_hooks';
import { cutLongestFirst } from '@/core/rigs/cuts/cut-longest-first';
import { planCuts } from '@/core/rigs/cuts/plan-cuts';
import { bigCut } from '../tests/support/big-cut';

const STARTS = [3, 14, 29];

/** Two hundred pieces of twelve lengths cut from five stocks, beside longest first. */
export async function* benchCuts(): AsyncGenerator<string> {
  for (const start of STARTS) {
    const { stock, pieces, kerfMm } = bigCut(start);
    const from = performance.now();
    const planned = await planCuts(stock, pieces, kerfMm);
    const tookMs = performance.now() - from;
    if (!planned.ok) throw new Error(planned.problem.code);
    const openedMm = planned.value.used.reduce(
      (total, { stockId, count }) => total + count * (stock.find(({ id }) => id === stockId)?.lengthMm ?? 0),
      0,
    );
    const beatFrom = performance.now();
    const greedy = cutLongestFirst(stock, pieces, kerfMm) ?? [];
    const beatMs = performance.now() - beatFrom;
    const greedyMm = greedy.reduce((total, each) => total + (stock[each.stock]?.lengthMm ?? 0), 0);
    yield [
      `cuts ${start}: ${pieces.length} lengths, ${stock.length} stocks`,
      `  planned in ${(tookMs / 1000).toFixed(2)} s, ${planned.value.optimal ? 'proven the least' : 'not proven'}; longest first in ${beatMs.toFixed(1)} ms`,
      `  longest first opens ${(greedyMm / openedMm).toFixed(3)} times as much (${greedyMm} against ${openedMm} mm)`,
    ].join('\n');
  }
}
