import type { Bin } from '@/records/bin';
import type { BuildRecord } from '@/records/build';
import type { BuyIn, Pack, Purchase, Seller } from '@/records/buying';
import { CABINET_COLUMNS, type Drawer } from '@/records/cabinet';
import type { Outlay } from '@/records/outlay';
import type { Skirt } from '@/records/skirt';
import type { DemoTools } from './tools';

const SELLERS: readonly Omit<Seller, 'retired'>[] = [
  { id: 'seller-quayside', name: 'Quayside parts', postage: 4.5, freeFrom: 45, leadDays: 3, note: '' },
  {
    id: 'seller-old-slip',
    name: 'Old Slip wire and bead',
    postage: 2.9,
    freeFrom: null,
    leadDays: 6,
    note: 'Larger packs, slower post.',
  },
  {
    id: 'seller-tollgate',
    name: 'Tollgate metals',
    postage: 9,
    freeFrom: 120,
    leadDays: 4,
    note: 'Ingots only.',
  },
];

/** What one unit of a bin costs in small packs, in the maker's own money. */
export function demoUnitPrice(bin: Bin): number | null {
  switch (bin.kind) {
    case 'metal':
      return bin.costPerKg === null ? null : bin.costPerKg / 1000;
    case 'hook':
      return round(0.08 + bin.massG * 0.09);
    case 'powder':
      return 0.09;
    case 'strand':
      return bin.costEach ?? (bin.unit === 'g' ? 0.22 : 0.34);
    case 'part':
      return bin.costEach ?? (bin.unit === 'mm' ? 0.0004 : bin.unit === 'g' ? 0.05 : 0.06);
    case 'head':
      return null;
  }
}

/** Two packs of most things: a small one, and a larger one from another seller. */
export function demoPacks(tools: DemoTools, bins: readonly Bin[]): Pack[] {
  return bins.flatMap((bin): Pack[] => {
    const each = demoUnitPrice(bin);
    if (each === null || bin.unit === 'mm') return [];
    const isMetal = bin.kind === 'metal';
    const small = isMetal ? 2500 : bin.kind === 'powder' ? 120 : bin.kind === 'strand' ? 10 : 20;
    const packs = (qty: number, sellerId: string, share: number, nth: number): Pack => ({
      id: `pack-${bin.id}-${nth}`,
      binId: bin.id,
      sellerId,
      qty,
      retired: false,
      price: Math.max(0.2, round(each * qty * share)),
      breaks:
        nth === 1 && !isMetal ? [{ from: 5, price: Math.max(0.2, round(each * qty * share * 0.9)) }] : [],
      pricedOn: tools.day(-tools.whole(5, 60)),
    });
    const first = packs(small, isMetal ? 'seller-tollgate' : 'seller-quayside', 1, 1);
    const isSoldTwice = !isMetal && tools.happens(0.6);
    return isSoldTwice ? [first, packs(small * 5, 'seller-old-slip', 0.78, 2)] : [first];
  });
}

export const demoSellers = (): Seller[] => SELLERS.map((seller) => ({ ...seller, retired: false }));

/** One order on its way, late by a day, a part of it come. */
export function demoPurchases(tools: DemoTools, packs: readonly Pack[]): Purchase[] {
  const wanted = ['hook-3-0', 'hook-6-0', 'hook-5-0-strong'];
  const mine = wanted.flatMap((binId) => packs.find((pack) => pack.binId === binId) ?? []);
  return [
    {
      id: 'purchase-1',
      no: 1,
      sellerId: 'seller-quayside',
      state: 'ordered',
      orderedAt: tools.at(-5, 20),
      dueOn: tools.day(-1),
      postage: 4.5,
      note: '',
      lines: mine.map(({ id, binId, qty, price }, nth) => ({
        packId: id,
        binId,
        packs: 2,
        packQty: qty,
        packPrice: price,
        came: nth === 0 ? 1 : 0,
      })),
    },
  ];
}

/** The cabinet: a drawer for every place that the bins name, wider where more lies in it. */
export function demoDrawers(bins: readonly Bin[]): {
  drawers: Drawer[];
  drawerOf: (bin: Bin) => string | null;
} {
  const counts = new Map<string, number>();
  for (const bin of bins) {
    const place = placeOf(bin);
    if (place) counts.set(place, (counts.get(place) ?? 0) + 1);
  }
  const drawers: Drawer[] = [];
  let [column, row] = [0, 0];
  for (const [place, count] of counts) {
    const columns = count > 12 ? 4 : count > 4 ? 3 : 2;
    if (column + columns > CABINET_COLUMNS) [column, row] = [0, row + 1];
    drawers.push({
      id: `drawer-${drawers.length + 1}`,
      name: place,
      kind: /tin|box|case|wallet/i.test(place) ? 'box' : /shelf|rack|bench/i.test(place) ? 'shelf' : 'drawer',
      column,
      row,
      columns,
      rows: 1,
      note: '',
    });
    column += columns;
  }
  const byName = new Map(drawers.map(({ id, name }) => [name, id]));
  return { drawers, drawerOf: (bin) => byName.get(placeOf(bin)) ?? null };
}

function placeOf({ place }: Bin): string {
  return place.split(',')[0]?.trim() ?? '';
}

/** What was laid out when the bench began. */
export function demoOutlays(tools: DemoTools): Outlay[] {
  const plan: readonly [string, number, number, Outlay['serves']][] = [
    ['Electric pot', 85, 20_000, ['pour']],
    ['Twelve blocks', 310, 24_000, ['pour']],
    ['Bench oven', 60, 15_000, ['coat']],
    ['Fluidized bed', 45, 10_000, ['coat']],
    ['Vise and tube tool', 70, 8000, ['skirt', 'rig']],
    ['Pliers, punch and dies', 48, 12_000, ['build', 'rig']],
  ];
  return plan.map(([name, cost, lifePieces, serves], index) => ({
    id: `outlay-${index + 1}`,
    name,
    cost,
    lifePieces,
    serves,
    boughtOn: tools.day(-97 + index),
    retired: false,
    note: '',
  }));
}

/** What heads, skirts and baits cost in the shops of the quay. */
export function demoBuyIns(
  tools: DemoTools,
  builds: readonly BuildRecord[],
  skirts: readonly Skirt[],
): BuyIn[] {
  const plan = (kind: BuyIn['kind'], key: string, each: number, leadDays: number): Omit<BuyIn, 'id'> => ({
    kind,
    key,
    each,
    leadDays,
    postage: 4.5,
    pricedOn: tools.day(-20),
    note: '',
  });
  const families = (records: readonly { readonly family: string }[]) => [
    ...new Set(records.map(({ family }) => family)),
  ];
  return [
    ...['round 5', 'round 7', 'round 10', 'round 14', 'bullet 10', 'bullet 14'].map((key) =>
      plan('head', key, 0.62, 4),
    ),
    ...families(skirts).map((family) => plan('skirt', family, 1.35, 5)),
    ...families(builds).map((family) => plan('build', family, 6.9, 5)),
  ].map((each, index) => ({ ...each, id: `buy-in-${index + 1}` }));
}

function round(money: number): number {
  return Math.round(money * 100) / 100;
}
