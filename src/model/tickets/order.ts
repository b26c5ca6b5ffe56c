import { takesHook } from '@/core/tickets/takes-hook';
import { findStyle } from '@/core/cavities/styles';
import type { NewTicket } from '@/records/ticket';
import type { TicketLine } from '@/records/ticket';
import type { BenchView } from '@/model/bench/bench-view';
import { newestByFamily } from '@/model/versions/newest-by-family';

/** One piece, or several alike, as a customer chose it. */
export type OrderLine = Omit<TicketLine, 'dueOn'>;

export interface Order {
  readonly title: string;
  readonly buyer: string;
  readonly dueOn: string | null;
  readonly lines: readonly OrderLine[];
}

export const NO_ORDER: Order = { title: '', buyer: '', dueOn: null, lines: [] };
/** As the ticket desk takes it where nobody says. */
const TOLERANCE = 0.05;

/** A head that the shop's blocks give: the one that a skirt is shown on, else the nearest of its weight; of bought ones where it has no block. */
function headToMake(
  { molds, hooks }: Pick<BenchView, 'molds' | 'hooks'>,
  shown: Pick<OrderLine, 'style' | 'nominalG' | 'hookBinId'> | undefined,
): Pick<OrderLine, 'style' | 'nominalG' | 'hookBinId'> {
  // What a skirt is shown on says more than a ticket's line can keep.
  const { style, nominalG, hookBinId } = shown ?? { style: 'round', nominalG: 10, hookBinId: null };
  const wish = { style, nominalG, hookBinId };
  const cavities = molds.flatMap((mold) => mold.cavities).filter(({ hookSizes }) => hookSizes.length > 0);
  const off = (other: Pick<OrderLine, 'style' | 'nominalG'>) =>
    Math.abs(Math.log(other.nominalG / nominalG)) + (other.style === style ? 0 : 1);
  const [nearest] = [...cavities].sort((one, other) => off(one) - off(other));
  if (!nearest || off(nearest) < 0.01) return wish;
  // The hook of the wish where the cavity takes it, else the best one that it takes.
  const own = hooks.get(wish.hookBinId ?? '');
  const hook =
    own && takesHook(nearest, own)
      ? own
      : nearest.hookSizes
          .flatMap((size) => [...hooks.values()].find((each) => each.size === size) ?? [])
          .at(0);
  return { style: nearest.style, nominalG: nearest.nominalG, hookBinId: hook?.id ?? null };
}

/** A line to begin with: like the one before it, else the first skirt on its own head; of bought heads where no metal lies here. */
export function newLine(view: BenchView, id: string, before: OrderLine | undefined): OrderLine {
  if (before) return { ...before, id, count: 1 };
  const [skirt] = newestByFamily(view.skirts);
  const [metal] = view.metals;
  return {
    id,
    ...headToMake(view, skirt?.shownOn),
    count: 1,
    metalBinId: metal?.id ?? null,
    coatId: skirt?.shownOn.coatId ?? null,
    skirtId: skirt?.id ?? null,
    guardBinId: skirt?.shownOn.guardBinId ?? null,
    collarBinId: skirt?.collar.binId ?? null,
    trailerBinId: skirt?.shownOn.trailerBinId ?? null,
  };
}

/** What keeps an order from becoming a ticket. */
export function orderProblem({ buyer, lines }: Order): string | null {
  if (buyer.trim() === '') return 'Who orders it?';
  if (lines.length === 0) return 'An order needs a piece.';
  const index = lines.findIndex(
    ({ style, hookBinId, metalBinId }) =>
      findStyle(style)?.isHooked && hookBinId === null && metalBinId !== null,
  );
  return index < 0 ? null : `Piece ${index + 1} has no hook yet. Choose one.`;
}

/** The ticket an order becomes. */
export function ticketOf({ title, buyer, dueOn, lines }: Order): NewTicket {
  return {
    title: title.trim() || `Order, ${buyer.trim()}`,
    buyer: buyer.trim(),
    toleranceShare: TOLERANCE,
    note: '',
    lines: lines.map((line) => ({ ...line, dueOn })),
    wares: [],
  };
}
