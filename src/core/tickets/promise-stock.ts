import type { LineWant } from './facts';

/** What one casting of a line takes: metal in g, and whether it takes a hook. */
export interface PromiseLine extends LineWant {
  readonly metalEachG: number;
}

/** Pieces that were made for an order and wait on the shelf. */
export interface HeldPieces {
  readonly binId: string;
  readonly count: number;
}

/**
 * What of each bin is spoken for: hooks and metal for what is still to be cast, pieces made for orders and not
 * yet handed over. Pieces, and grams of metal.
 *
 * @example promiseStock([{ ...line, left: 60, hookBinId: 'h', metalBinId: 'm', metalEachG: 9 }], [])
 * // Map { 'm' => 540, 'h' => 60 }
 */
export function promiseStock(
  lines: readonly PromiseLine[],
  held: readonly HeldPieces[],
): Map<string, number> {
  const promised = new Map<string, number>();
  const add = (bin: string | null, qty: number) => {
    if (bin !== null && qty > 0) promised.set(bin, (promised.get(bin) ?? 0) + qty);
  };
  for (const line of lines) {
    add(line.metalBinId, line.left * line.metalEachG);
    // A line without a metal is not cast here: its heads come with their hooks.
    if (line.metalBinId !== null) add(line.hookBinId, line.left);
  }
  for (const { binId, count } of held) add(binId, count);
  return promised;
}
