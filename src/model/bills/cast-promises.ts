import type { Promised } from '@/core/stock/allot-promises';
import type { HookFacts, LineWant } from '@/core/tickets/facts';
import { judgeCavity } from '@/core/tickets/judge-cavity';
import { promiseStock, type HeldPieces, type PromiseLine } from '@/core/tickets/promise-stock';
import type { BenchReading } from '@/records/bench-reading';
import type { MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import type { Ticket } from '@/records/ticket';
import { inOrderOfDue } from '../tickets/in-order-of-due';
import type { BenchFacts } from '../bench/bench-facts';

/** What is still to be cast takes, ticket by ticket, in the order in which they are due. */
export function castPromises(priced: readonly PromiseLine[], tickets: readonly Ticket[]): Promised[] {
  return inOrderOfDue(tickets).flatMap(({ id }) =>
    priced
      .filter(({ ticketId }) => ticketId === id)
      // What names no metal is not cast here: neither metal nor hooks are taken for it.
      .flatMap(({ metalBinId, metalEachG, hookBinId, left }): Promised[] =>
        metalBinId === null
          ? []
          : [
              { forWhom: id, item: metalBinId, qty: left * metalEachG },
              ...(hookBinId === null ? [] : [{ forWhom: id, item: hookBinId, qty: left }]),
            ],
      ),
  );
}

type PricingFacts = Pick<BenchFacts, 'molds' | 'metals' | 'hooks'>;

/** What lines are promised of each bin for what is still to be cast of them. */
export function promiseOf(facts: PricingFacts, wants: readonly LineWant[]): Map<string, number> {
  return promiseStock(priceLines(facts, wants), []);
}

export function priceLines(
  { molds, metals, hooks }: PricingFacts,
  wants: readonly LineWant[],
): PromiseLine[] {
  return wants.map((want) => priceMetal(want, molds, metals, hooks));
}

function priceMetal(
  want: LineWant,
  molds: readonly Mold[],
  metals: readonly MetalBin[],
  hooks: ReadonlyMap<string, HookFacts>,
): PromiseLine {
  const metal = metals.find(({ id }) => id === want.metalBinId);
  const hook = want.hookBinId === null ? null : (hooks.get(want.hookBinId) ?? null);
  for (const cavity of metal ? molds.flatMap((mold) => mold.cavities) : []) {
    const verdict = metal && judgeCavity(cavity, want, metal, hook, want.toleranceShare);
    if (verdict?.fits) return { ...want, metalEachG: verdict.metalG };
  }
  return { ...want, metalEachG: Math.max(0, want.nominalG - (hook?.massG ?? 0)) };
}

/** Heads, baits and rigs that were made for orders and wait on the shelf. */
export function heldPieces({ tickets, ticketEntries, bins }: BenchReading): HeldPieces[] {
  const ordered = new Set(
    tickets.filter((ticket) => ticket.state === 'open' && ticket.buyer !== null).map((ticket) => ticket.id),
  );
  const counts = new Map<string, number>();
  for (const { ticketId, binId, qty } of ticketEntries) {
    if (ticketId && ordered.has(ticketId)) counts.set(binId, (counts.get(binId) ?? 0) + qty);
  }
  return bins.flatMap((bin) => {
    const count = counts.get(bin.id) ?? 0;
    return (bin.kind === 'head' || bin.kind === 'part') && count > 0 ? [{ binId: bin.id, count }] : [];
  });
}
