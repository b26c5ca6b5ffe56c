import type { Ticket } from '@/records/ticket';
import type { DemoTools } from './tools';

/** Style, weight, pieces, hook (null for a sinker), color and skirt where it gets them. */
type LinePlan = readonly [
  style: string,
  grams: number,
  count: number,
  hook: string | null,
  coat?: string,
  skirt?: string,
];

/** How far a ticket has come, and on which block, how many days ago. */
interface Cast {
  readonly mold: string;
  readonly daysAgo: number;
  /** Share of each line that was cast. */
  readonly share: number;
}

export interface TicketPlan {
  readonly title: string;
  readonly buyer: string | null;
  readonly state: Ticket['state'];
  readonly metal: string;
  readonly dueIn: number | null;
  readonly note?: string;
  readonly tolerance?: number;
  readonly lines: readonly LinePlan[];
  readonly cast?: Cast;
}

/** Twenty tickets, oldest first, in every state a ticket can be in. */
export const TICKET_PLANS: readonly TicketPlan[] = [
  {
    title: 'Autumn stock, round',
    buyer: null,
    state: 'closed',
    metal: 'lot-14',
    dueIn: -80,
    lines: [
      ['round', 10, 60, 'hook-2-0'],
      ['round', 14, 40, 'hook-3-0'],
    ],
    cast: { mold: 'block-f', daysAgo: 86, share: 1 },
  },
  {
    title: 'Kiosk, small rounds',
    buyer: 'Harbour kiosk',
    state: 'closed',
    metal: 'lot-14',
    dueIn: -75,
    lines: [['round', 5, 60, 'hook-n1']],
    cast: { mold: 'block-b', daysAgo: 81, share: 1 },
  },
  {
    title: 'Perch evening',
    buyer: 'Club league',
    state: 'closed',
    metal: 'lot-12',
    dueIn: -70,
    tolerance: 0.08,
    lines: [
      ['round', 3, 30, 'hook-n4'],
      ['round', 4, 30, 'hook-n2'],
    ],
    cast: { mold: 'block-a', daysAgo: 74, share: 1 },
  },
  {
    title: 'Weir pool footballs',
    buyer: 'Club league',
    state: 'closed',
    metal: 'lot-14',
    dueIn: -62,
    lines: [
      ['football', 10, 36, 'hook-2-0'],
      ['football', 14, 36, 'hook-3-0'],
    ],
    cast: { mold: 'block-d', daysAgo: 67, share: 1 },
  },
  {
    title: 'Shore weights',
    buyer: 'Harbour kiosk',
    state: 'closed',
    metal: 'lot-9',
    dueIn: -58,
    tolerance: 0.08,
    lines: [
      ['pear', 60, 24, null],
      ['pear', 80, 18, null],
    ],
    cast: { mold: 'block-k', daysAgo: 60, share: 1 },
  },
  {
    title: 'Darts for the canal',
    buyer: null,
    state: 'closed',
    metal: 'lot-14',
    dueIn: -50,
    lines: [
      ['dart', 5, 40, 'hook-n1'],
      ['dart', 7, 40, 'hook-1-0'],
    ],
    cast: { mold: 'block-e', daysAgo: 53, share: 1 },
  },
  {
    title: 'League reorder',
    buyer: 'Club league',
    state: 'closed',
    metal: 'lot-14',
    dueIn: -44,
    lines: [['round', 10, 48, 'hook-2-0']],
    cast: { mold: 'block-f', daysAgo: 46, share: 1 },
  },
  {
    title: 'Egg sinkers, drift',
    buyer: null,
    state: 'closed',
    metal: 'lot-9',
    dueIn: -38,
    tolerance: 0.08,
    lines: [
      ['egg', 15, 30, null],
      ['egg', 20, 30, null],
    ],
    cast: { mold: 'block-j', daysAgo: 40, share: 1 },
  },
  {
    title: 'Bullets, weed edge',
    buyer: 'Club league',
    state: 'closed',
    metal: 'lot-14',
    dueIn: -31,
    lines: [
      ['bullet', 7, 36, 'hook-1-0'],
      ['bullet', 10, 24, 'hook-2-0'],
    ],
    cast: { mold: 'block-g', daysAgo: 33, share: 1 },
  },
  {
    title: 'Spring tide heads',
    buyer: 'Harbour kiosk',
    state: 'closed',
    metal: 'lot-14',
    dueIn: -24,
    lines: [['football', 14, 30, 'hook-3-0']],
    cast: { mold: 'block-d', daysAgo: 26, share: 1 },
  },
  {
    title: 'Deep hole trial',
    buyer: null,
    state: 'closed',
    metal: 'lot-14',
    dueIn: -19,
    lines: [['round', 28, 12, 'hook-5-0']],
    cast: { mold: 'block-m', daysAgo: 20, share: 1 },
  },
  {
    title: 'Kiosk, rounds again',
    buyer: 'Harbour kiosk',
    state: 'closed',
    metal: 'lot-14',
    dueIn: -12,
    lines: [['round', 7, 48, 'hook-1-0']],
    cast: { mold: 'block-b', daysAgo: 14, share: 1 },
  },
  {
    title: 'Lead-free for the reserve',
    buyer: 'Reserve wardens',
    state: 'set-aside',
    metal: 'lot-18',
    dueIn: 30,
    note: 'Waits for a block that makes 7 g in pewter.',
    lines: [['round', 7, 24, 'hook-1-0']],
  },
  {
    title: 'Winter stock, bullets',
    buyer: null,
    state: 'open',
    metal: 'lot-14',
    dueIn: -1,
    lines: [
      ['bullet', 10, 40, 'hook-2-0', 'coat-reed-shiner'],
      ['bullet', 12, 20, 'hook-3-0', 'coat-night-eel'],
    ],
    cast: { mold: 'block-g', daysAgo: 5, share: 0.5 },
  },
  {
    title: 'Flounder club, eggs',
    buyer: 'Flounder club',
    state: 'open',
    metal: 'lot-9',
    dueIn: 2,
    tolerance: 0.08,
    lines: [
      ['egg', 20, 24, null, 'coat-silt-flounder'],
      ['egg', 30, 12, null, 'coat-straw'],
    ],
    cast: { mold: 'block-j', daysAgo: 3, share: 1 },
  },
  {
    title: 'Zander league',
    buyer: 'Club league',
    state: 'open',
    metal: 'lot-14',
    dueIn: 5,
    note: 'Same as in autumn, please.',
    lines: [
      ['round', 10, 60, 'hook-2-0', 'coat-pale-zander'],
      ['round', 14, 24, 'hook-3-0', 'coat-ember-perch', 'skirt-reed-perch-3'],
    ],
  },
  {
    title: 'Kiosk footballs',
    buyer: 'Harbour kiosk',
    state: 'open',
    metal: 'lot-14',
    dueIn: 7,
    lines: [
      ['football', 10, 30, 'hook-2-0', 'coat-mussel'],
      ['football', 18, 20, 'hook-4-0', 'coat-ember-perch', 'skirt-silt-crab-1'],
    ],
  },
  {
    title: 'Drift sinkers from the disc',
    buyer: null,
    state: 'open',
    metal: 'lot-9',
    dueIn: 12,
    tolerance: 0.08,
    lines: [
      ['egg', 8, 60, null],
      ['egg', 10, 60, null],
    ],
  },
  {
    title: 'Canal darts',
    buyer: 'Club league',
    state: 'open',
    metal: 'lot-14',
    dueIn: 14,
    lines: [
      ['dart', 7, 36, 'hook-1-0'],
      ['dart', 10, 24, 'hook-2-0'],
    ],
  },
  {
    title: 'Perch rounds, small',
    buyer: null,
    state: 'open',
    metal: 'lot-12',
    dueIn: null,
    tolerance: 0.08,
    lines: [
      ['round', 2, 40, 'hook-n6'],
      ['round', 3, 40, 'hook-n4'],
    ],
  },
];

/** The ticket records of the plans. */
export function demoTickets(tools: DemoTools): Ticket[] {
  return TICKET_PLANS.map((plan, index) => ({
    id: `ticket-${index + 1}`,
    no: index + 1,
    title: plan.title,
    buyer: plan.buyer,
    toleranceShare: plan.tolerance ?? 0.05,
    state: plan.state,
    note: plan.note ?? '',
    wares: [],
    createdAt: tools.at(plan.cast ? -plan.cast.daysAgo - 4 : -9 + index / 3, 9),
    lines: plan.lines.map(([style, nominalG, count, hookBinId, coat, skirt], line) => ({
      id: `ticket-${index + 1}-${line + 1}`,
      style,
      nominalG,
      count,
      hookBinId,
      metalBinId: plan.metal,
      coatId: coat ?? null,
      skirtId: skirt ?? null,
      guardBinId: null,
      collarBinId: null,
      dueOn: plan.dueIn === null ? null : tools.day(plan.dueIn),
    })),
  }));
}
