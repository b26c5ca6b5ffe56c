import type { Answer, RunOptions } from './calculation';
import { CALCULATIONS, findCalculation } from './registry';

/**
 * Asks a calculation by name.
 *
 * @example await answer('hook.order', { sizes: ['3/0', '6'] }) // { ok: true, output: { sorted: ['#6', '3/0'] } }
 */
export async function answer(name: string, input: unknown, options: RunOptions = {}): Promise<Answer> {
  const calculation = findCalculation(name);
  if (!calculation) {
    const known = CALCULATIONS.map((entry) => entry.name);
    return { ok: false, problem: { code: 'unknown-calculation', name, known } };
  }
  return calculation.answer(input, options);
}
