import type { MassUnit } from '@/core/units/write-mass';
import type { Ticket } from '@/records/ticket';
import { headText } from '@/text/words';
import { wareName, wareRecord } from '../bills/promises';
import type { BenchView } from '../bench/bench-view';
import { costOf } from './cost-facts';
import type { CostablePiece } from './pieces';

export interface PricedLine {
  readonly id: string;
  readonly name: string;
  readonly count: number;
  /** What one costs the maker, and what it is offered at. */
  readonly cost: number;
  readonly each: number;
}

/** Prices end on full cents: what is printed is what is added up. */
const cents = (value: number) => Math.ceil(value * 100 - 1e-9) / 100;

/** What an order costs and is offered at, line by line: a ticket's lines, or so many of one piece. */
export function offerLines(
  ticket: Ticket | null,
  piece: CostablePiece | null,
  count: number,
  view: BenchView,
  times: number,
  mass: MassUnit,
): PricedLine[] {
  const line = (id: string, name: string, of: CostablePiece['piece'], many: number): PricedLine => {
    const cost = costOf(of, many, view).each;
    return { id, name, count: many, cost, each: cents(cost * times) };
  };
  if (!ticket) return piece ? [line(piece.id, piece.name, piece.piece, count)] : [];
  const heads = ticket.lines.map((each) => {
    const coat = each.coatId === null ? '' : `, ${view.coatById.get(each.coatId)?.name ?? ''}`;
    const skirt = each.skirtId === null ? '' : `, ${view.skirtById.get(each.skirtId)?.name ?? ''}`;
    const name = `${headText(each, view.binById, mass)}${coat}${skirt}`;
    return line(each.id, name, { kind: 'head', head: each }, each.count);
  });
  const wares = ticket.wares.flatMap(({ id, kind, family, count: many }) => {
    const piece = wareRecord({ kind, family }, view);
    return piece ? [line(id, wareName({ kind, family }, view), piece, many)] : [];
  });
  return [...heads, ...wares];
}

/** What a ticket asks for and nobody can price yet, since nobody has said what it is made of: by name. */
export function notPricedYet(ticket: Ticket | null, view: BenchView): string[] {
  return (ticket?.wares ?? []).flatMap((ware) => (wareRecord(ware, view) ? [] : [wareName(ware, view)]));
}
