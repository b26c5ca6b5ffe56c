import type { PourPlan } from '@/core/pours/pour-plan';
import { findShortages, type Shortage } from '@/core/stock/find-shortages';
import { budgetSession, type SessionBudget } from '@/core/tickets/budget-session';
import type { LineWant } from '@/core/tickets/facts';
import { layOutSession, type Session } from '@/core/tickets/lay-out-session';
import type { MetalBin } from '@/records/bin';
import type { BenchView } from '../bench/bench-view';

/** Lays lines out over the bench's molds in a metal. */
export function sessionOf(view: BenchView, wants: readonly LineWant[], metal: MetalBin): Session {
  return layOutSession(wants, view.molds, metal, view.hooks);
}

export interface Takes {
  readonly budget: SessionBudget;
  /** What a session takes from each bin: hooks in pieces, metal in g. */
  readonly needs: readonly { readonly item: string; readonly qty: number }[];
  readonly short: readonly Shortage[];
}

/**
 * What a planned session takes from the shelf and what of it is short. What other open tickets have been
 * promised is not counted as free; `own` is what these lines themselves were promised.
 */
export function takesOf(
  view: BenchView,
  session: Session,
  plan: PourPlan,
  metal: MetalBin,
  own: ReadonlyMap<string, number>,
): Takes | null {
  const free = Math.max(
    0,
    (view.levels.get(metal.id) ?? 0) -
      Math.max(0, (view.promised.get(metal.id) ?? 0) - (own.get(metal.id) ?? 0)),
  );
  const asked = budgetSession(session, plan, view.molds, view.pot);
  if (!asked.ok) return null;
  // A usual heel bars nobody who has metal for all that is asked: the pot is then tipped, or scraped, to the end.
  const { chargeG, heelG } = asked.value;
  const spared = Math.min(heelG, Math.max(0, chargeG - free));
  const budget =
    spared > 0 && chargeG - heelG <= free
      ? budgetSession(session, plan, view.molds, { ...view.pot, heelG: heelG - spared })
      : asked;
  if (!budget.ok) return null;
  const needs = [
    { item: metal.id, qty: budget.value.chargeG },
    ...[...budget.value.hooks].map(([item, qty]) => ({ item, qty })),
  ];
  const shelf = needs.map(({ item }) => ({
    item,
    onHand: Math.max(0, view.levels.get(item) ?? 0),
    reserved: Math.max(0, (view.promised.get(item) ?? 0) - (own.get(item) ?? 0)),
  }));
  return { budget: budget.value, needs, short: findShortages(needs, shelf) };
}
