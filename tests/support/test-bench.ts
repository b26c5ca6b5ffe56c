import 'fake-indexeddb/auto';
import type { HookBin, MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { BenchDatabase } from '@/data/database';
import type { NewRun } from '../../src/records/run';
import type { NewBin } from '../../src/records/plain-bin';
import { openWorkshop } from '@/data/workshop';
import type { PLAIN_BIN } from '@/records/plain-bin';

let opened = 0;

/** A workshop over a database of its own in memory, with time and names that count up. For tests. */
export function testWorkshop(from = 1_000) {
  opened += 1;
  const db = new BenchDatabase(`test-${opened}`);
  let time = from;
  let names = 0;
  const workshop = openWorkshop({
    db,
    now: () => (time += 1_000),
    newId: () => `id-${String((names += 1)).padStart(4, '0')}`,
  });
  return { db, workshop };
}

export const LOT: NewBin = {
  kind: 'metal',
  unit: 'g',
  name: 'Lot 1',
  place: 'Shelf',
  lowAt: null,
  note: '',
  composition: { Pb: 1 },
  compositionBasis: 'known',
  costPerKg: null,
  densityGcm3: 10,
  densityBasis: 'weighed',
  shrinkLinear: 0,
  shrinkBasis: 'reference',
} satisfies Omit<MetalBin, 'id' | 'retired' | keyof typeof PLAIN_BIN>;

export const HOOKS: NewBin = {
  kind: 'hook',
  costEach: null,
  unit: 'pieces',
  name: 'Hook 2/0',
  place: 'Tray',
  lowAt: 10,
  note: '',
  size: '2/0',
  massG: 1,
  massBasis: 'weighed',
  wireMm: 1.1,
  shankMm: 31,
  gapeMm: 12,
} satisfies Omit<HookBin, 'id' | 'retired' | keyof typeof PLAIN_BIN>;

export const BLOCK: Omit<Mold, 'id'> = {
  name: 'Block A',
  kind: 'bar',
  spin: null,
  place: 'Drawer',
  note: '',
  secondsPerPour: 40,
  setupSeconds: 600,
  spruePerPourG: 5,
  copies: 1,
  maxPours: null,
  warmUpPours: 0,
  warmWork: null,
  cavities: [
    {
      id: 'cavity-a1',
      style: 'round',
      nominalG: 10,
      volumeCm3: 1,
      volumeBasis: 'weighed',
      standardErrorCm3: 0.01,
      weighedCount: 5,
      hookSizes: ['2/0'],
      hookShare: 0.3,
      inserts: [],
      hookNotes: {},
      outline: null,
      spot: null,
    },
  ],
};

/** A run of three heads of 9 g on one cavity, for one line. */
export function threeHeads(
  moldId: string,
  lotId: string,
  hookId: string,
  ticketId: string,
  lineId: string,
): NewRun {
  const key = `round|10|${hookId}`;
  return {
    metalBinId: lotId,
    chargedG: 100,
    topUps: [],
    drossShare: 0.02,
    blocks: [
      {
        moldId,
        fillAll: false,
        spruePerPourG: 5,
        copies: 1,
        plannedPours: 3,
        fills: [{ cavities: [0], filled: [{ key, count: 3 }] }],
      },
    ],
    heads: [{ key, style: 'round', nominalG: 10, hookBinId: hookId }],
    cells: [{ moldId, cavity: 0, key, metalG: 9, finishedG: 10 }],
    wants: [{ key, ticketId, lineId, count: 3 }],
    plannedSeconds: 720,
    isProven: true,
  };
}
