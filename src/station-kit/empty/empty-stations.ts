import type { KindAndSize } from '@/model/stock/typical-things';

interface EmptyStationFacts {
  /** What is drawn in gray where nothing lies there. */
  readonly things: readonly KindAndSize[];
  /** A quick answer that needs nothing of the shelf. */
  readonly asks: { readonly id: string; readonly says: string } | null;
}

/** What each station shows of itself while nothing lies there. */
export const EMPTY_STATIONS = {
  metal: {
    things: [
      ['metal', 'soft-lead'],
      ['bought-round', '1/4'],
      ['egg-sinker', '1'],
    ],
    asks: { id: 'other-metal', says: 'Only ask: what would my cavity give in another metal?' },
  },
  molds: {
    things: [
      ['bought-football', '3/8'],
      ['bought-round', '1/4'],
      ['bought-dart', '1/8'],
    ],
    asks: { id: 'drill-depth', says: 'Only ask: how deep do I drill for a weight?' },
  },
  pour: {
    things: [
      ['metal', 'soft-lead'],
      ['jig-hook', '3/0'],
      ['bought-football', '3/8'],
    ],
    asks: { id: 'drilled-weight', says: 'Only ask: what does a drilled hole weigh?' },
  },
  dress: {
    things: [
      ['bought-football', '1/2'],
      ['bought-bullet', '3/8'],
      ['bought-round', '1/4'],
    ],
    asks: null,
  },
  coat: {
    things: [
      ['bought-football', '3/8'],
      ['powder', '2'],
      ['bought-bullet', '1/4'],
    ],
    asks: { id: 'heat-and-cure', says: 'Only ask: how long do I heat a head, and does it bear the cure?' },
  },
  skirt: { things: [], asks: { id: 'skirt-fullness', says: 'Only ask: how many strands do I need?' } },
  build: { things: [], asks: null },
  rig: { things: [], asks: { id: 'hook-set', says: 'Only ask: how long do I cut a hook set?' } },
  shelf: {
    things: [
      ['jig-hook', '3/0'],
      ['willow-blade', '#4'],
      ['barrel-swivel', '#4'],
      ['paddle-tail', '3.5'],
      ['powder', '2'],
    ],
    asks: null,
  },
  cost: {
    things: [
      ['bought-football', '3/8'],
      ['ready-skirt', '2 1/2'],
      ['claw', '3'],
    ],
    asks: { id: 'payback', says: 'Only ask: from how many pieces does it pay?' },
  },
  water: {
    things: [
      ['bought-round', '1/4'],
      ['ready-leader', '9'],
      ['grub', '3'],
    ],
    asks: { id: 'sink-time', says: 'Only ask: how long does it sink?' },
  },
} as const satisfies Record<string, EmptyStationFacts>;

export type EmptyStationKey = keyof typeof EMPTY_STATIONS;
