import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { sum } from '@/core/numeric/sum';
import { demoBench } from '@/demo/demo-bench';
import type { Bin } from '@/records/bin';
import type { BenchContents } from '@/records/bench-file';
import { threeHeads } from '../../tests/support/test-bench';
import { BenchDatabase } from './database';
import { EMPTY_LEDGER, growLedger, ledgerReader } from './reading/ledger';
import { openWorkshop, type Workshop } from './workshop';

const TODAY = Date.UTC(2026, 10, 23, 12);
const SAME = 1e-6;

/** The made-up bench with its history left out: every sort of record, quick to copy. */
const BASE: BenchContents = { ...demoBench(TODAY), acts: [] };

let databases = 0;

interface Device {
  readonly db: BenchDatabase;
  workshop: Workshop;
  /** Bins that the maker let go below zero, by joining two benches that both had taken. */
  readonly agreed: Set<string>;
}

function device(name: string): Device {
  let [names, at] = [0, TODAY + 1000 * (databases += 1)];
  const db = new BenchDatabase(`whole-${name}-${databases}`);
  const workshop = openWorkshop({
    db,
    now: () => (at += 10),
    newId: () => `${name}-${databases}-${(names += 1)}`,
  });
  return { db, workshop, agreed: new Set() };
}

/** A choice among what there is, by a number that the property gives. */
const pick = <T>(from: readonly T[], nth: number): T | undefined => from[nth % Math.max(1, from.length)];

interface Asked {
  /** Which of the things there are. */
  readonly a: number;
  readonly b: number;
  /** How much. */
  readonly many: number;
}

const binsOf = async ({ workshop }: Device, is: (bin: Bin) => boolean) =>
  (await workshop.shelf.bins()).filter(is);
const isPieces = (bin: Bin) => bin.unit === 'pieces';

/** One doing of each station; what is refused is refused. */
const DOINGS: Readonly<Record<string, (at: Device, asked: Asked) => Promise<unknown>>> = {
  take: async (at, { a, many }) => {
    const bin = pick(await binsOf(at, ({ unit }) => unit !== 'mm'), a);
    return bin && at.workshop.shelf.move(bin.id, 'taken', many);
  },
  writeOff: async (at, { a, many }) => {
    const bin = pick(await binsOf(at, isPieces), a);
    return bin && at.workshop.shelf.move(bin.id, 'lost', many * 9);
  },
  /** What a run under way counts on, or what came in last, goes elsewhere. */
  loseInUse: async (at, { a, many }) => {
    const { workshop } = at;
    const [run, { levels }] = [await workshop.runs.current(), await workshop.shelf.ledger()];
    const hung = (await workshop.racks.all()).flatMap(({ hung: heads }) =>
      heads.map((each) => each.headBinId),
    );
    const cast = run ? [run.metalBinId, ...run.heads.flatMap(({ hookBinId }) => hookBinId ?? [])] : [];
    const [newest] = await at.db.entries.orderBy('at').reverse().limit(1).toArray();
    const binId = pick([...cast, ...hung.slice(-2), ...(newest ? [newest.binId] : [])], a);
    const there = Math.max(0, levels.get(binId ?? '') ?? 0);
    return binId === undefined || there < 1
      ? null
      : workshop.shelf.move(binId, 'lost', Math.max(1, Math.floor(there) - (many % 2)));
  },
  receive: async (at, { a, many }) => {
    const bin = pick(await binsOf(at, ({ unit }) => unit !== 'mm'), a);
    return bin && at.workshop.shelf.move(bin.id, 'received', many);
  },
  count: async (at, { a, b, many }) => {
    const bins = await binsOf(at, isPieces);
    const found = [a, b].flatMap((nth) => pick(bins, nth) ?? []);
    return at.workshop.shelf.countDay(
      found.map(({ id: binId }) => ({ binId, counted: many, reason: 'found' })),
    );
  },
  standIn: async (at, { a, b, many }) => {
    const bins = await binsOf(at, ({ unit }) => unit !== 'mm');
    const [bin, other] = [pick(bins, a), pick(bins, b)];
    if (!bin || !other || bin.id === other.id) return null;
    return at.workshop.shelf.standIn({ binId: bin.id, standsForId: other.id, qty: many, unitCost: null });
  },
  melt: async (at, { a, b, many }) => {
    const metals = await binsOf(at, ({ kind }) => kind === 'metal');
    const picks = [...new Set([pick(metals, a)?.id, pick(metals, b)?.id])].flatMap((binId) =>
      binId === undefined ? [] : [{ binId, g: many * 40 }],
    );
    return at.workshop.metals.melt({ name: `Melt ${a}`, place: '', picks, drossShare: 0.02 });
  },
  pour: async (at, { a, b, many }) => {
    const { workshop } = at;
    if (!(await workshop.runs.current())) {
      const mold = pick(await workshop.molds.all(), a);
      const metal = pick(await binsOf(at, ({ kind }) => kind === 'metal'), b);
      const hook = pick(await binsOf(at, ({ kind }) => kind === 'hook'), b);
      const ticket = pick(await workshop.tickets.all(), a);
      const line = ticket?.lines[0];
      if (!mold || !metal || !hook || !ticket || !line) return null;
      await workshop.runs.start(threeHeads(mold.id, metal.id, hook.id, ticket.id, line.id));
    }
    const run = await workshop.runs.current();
    if (!run || many > 8) return run && workshop.runs.drop(run.id);
    for (let press = 0; press < many + 4; press += 1)
      await workshop.runs.moveOn(run.id, 0, { liked: 'tally', early: true });
    // Now and then what was cast in had gone from the books meanwhile.
    if (many % 3 === 0) await DOINGS.loseInUse?.(at, { a: 1, b, many: 2 });
    return workshop.runs.book(run.id, 2, () => ({ name: 'Heads', place: '' }));
  },
  coat: async (at, { a, many }) => {
    const { workshop } = at;
    const powder = pick(await binsOf(at, ({ kind }) => kind === 'powder'), a);
    const head = pick(await binsOf(at, (bin) => bin.kind === 'head' && bin.coatId === null), a);
    const coat = pick(await workshop.coats.all(), a);
    const oven = (await workshop.coats.heaters()).find((each) => each.oven && !each.oven.isForFood);
    if (!powder || !head || !coat || !oven) return null;
    const hung = Array.from({ length: many }, (_, slot) => ({
      rod: 0,
      slot,
      slotsEach: 1,
      headBinId: head.id,
      coatId: coat.id,
      ticketId: null,
      lineId: null,
    }));
    const rack = { ovenId: oven.id, school: 'card' as const, partC: 177, minutes: 15, startC: 20, hung };
    const [id = ''] = await workshop.racks.hang([rack]);
    const inside = (await workshop.racks.all()).find(({ state }) => state === 'curing');
    if (inside) await workshop.racks.comeOut(inside.id);
    const used = [{ powderBinId: powder.id, g: many }];
    await workshop.racks.goIn(id, { tauS: 100, warmS: 100, used, clockName: 'Out' });
    return workshop.racks.comeOut(id);
  },
  tie: async (at, { a, many }) => {
    const { workshop } = at;
    const running = (await workshop.tyings.all()).find(({ state }) => state === 'tying');
    if (running) {
      const passed = Math.min(many, running.count);
      const putBack = passed < running.count ? running.taken.slice(0, 1) : [];
      return workshop.tyings.end(running.id, { passed, failed: [], putBack, massG: null });
    }
    const skirt = pick(await workshop.skirts.all(), a);
    const tab = pick(await binsOf(at, (bin) => bin.kind === 'strand' && bin.form === 'tab'), a);
    if (!skirt || !tab) return null;
    return workshop.tyings.begin({
      skirtId: skirt.id,
      count: many,
      way: 'one-by-one',
      swaps: [],
      headBinId: null,
      ticketId: null,
      lineId: null,
      taken: [{ binId: tab.id, pieces: [{ share: 1, count: many }], qty: 0 }],
    });
  },
  build: async (at, { a, b, many }) => {
    const { workshop } = at;
    const running = (await workshop.buildings.all()).find(({ state }) => state === 'building');
    if (running) {
      const passed = Math.min(many, running.count);
      const putBack = running.taken.slice(0, 1).map(({ binId }) => ({ binId, qty: running.count - passed }));
      return workshop.buildings.end(running.id, { passed, failed: [], putBack, massG: null });
    }
    const build = pick(await workshop.builds.all(), a);
    const part = pick(await binsOf(at, ({ kind, unit }) => kind === 'part' && unit === 'pieces'), b);
    if (!build || !part) return null;
    const taken = [{ binId: part.id, qty: many }];
    return workshop.buildings.begin({ buildId: build.id, count: many, way: 'one-by-one', taken });
  },
  rig: async (at, { a, many }) => {
    const { workshop } = at;
    const running = (await workshop.riggings.all()).find(({ state }) => state === 'rigging');
    if (running) {
      return workshop.riggings.end(running.id, { passed: many, failed: [], putBack: [], massG: null });
    }
    const rig = pick(await workshop.rigs.all(), a);
    const roll = pick(
      (await workshop.shelf.ledger()).lengthEntries.filter(({ qty }) => qty > 500),
      a,
    );
    if (!rig || !roll?.lengthId) return null;
    const fromMm = sum(
      (await workshop.shelf.ledger()).lengthEntries
        .filter(({ lengthId }) => lengthId === roll.lengthId)
        .map(({ qty }) => qty),
    );
    const cuts = [{ name: 'Trace', lengthMm: 50, count: many }];
    return workshop.riggings.begin({
      rigId: rig.id,
      count: many,
      way: 'one-by-one',
      taken: [],
      cut: [
        {
          binId: roll.binId,
          lengthId: roll.lengthId,
          fromMm,
          cuts,
          leftMm: fromMm - 50 * many,
          isKept: true,
        },
      ],
    });
  },
  rolls: async (at, { a, many }) => {
    const roll = pick(await binsOf(at, ({ unit }) => unit === 'mm'), a);
    return roll && at.workshop.lengths.receive(roll.id, many * 100, 2, 'new');
  },
  kit: async (at, { a, b, many }) => {
    const packed = (await at.workshop.kits.all()).find(({ state }) => state === 'packed');
    if (packed && b % 2 === 0) {
      const back = packed.lines.map(({ binId, qty }) => ({ binId, qty: Math.min(qty, many) }));
      return at.workshop.kits.bringBack(packed.id, back);
    }
    const bins = await binsOf(at, isPieces);
    const lines = [...new Set([pick(bins, a)?.id, pick(bins, b)?.id])].flatMap((binId) =>
      binId === undefined ? [] : [{ binId, qty: many }],
    );
    return at.workshop.kits.pack({ name: 'Trip', note: '', lines });
  },
  buy: async (at, { a, many }) => {
    const open = (await at.workshop.buying.purchases()).find(({ state }) => state === 'ordered');
    if (open) return at.workshop.buying.receive(open.id, [{ packId: open.lines[0]!.packId, packs: 1 }]);
    const pack = pick(await at.workshop.buying.packs(), a);
    if (!pack) return null;
    const line = {
      packId: pack.id,
      binId: pack.binId,
      packs: many,
      packQty: pack.qty,
      packPrice: pack.price,
    };
    const order = { sellerId: pack.sellerId, dueOn: null, postage: 4, note: '' };
    return at.workshop.buying.order([{ ...order, lines: [{ ...line, came: 0 }] }]);
  },
  ticket: async (at, { a, b, many }) => {
    const ticket = pick(await at.workshop.tickets.all(), a);
    const head = pick(await binsOf(at, ({ kind }) => kind === 'head'), b);
    const line = ticket?.lines[0];
    if (!ticket || !head || !line) return null;
    if (many > 6) return at.workshop.tickets.close(ticket.id);
    return at.workshop.tickets.giveFromShelf([
      { ticketId: ticket.id, lineId: line.id, headBinId: head.id, count: many },
    ]);
  },
  strip: async (at, { a, b, many }) => {
    const baits = pick(await binsOf(at, (bin) => bin.kind === 'part' && bin.buildId !== null), a);
    const part = pick(await binsOf(at, (bin) => bin.kind === 'part' && bin.unit === 'pieces'), b);
    if (!part) return null;
    const parts = [{ binId: part.id, qty: many, condition: 'used' as const }];
    return at.workshop.buildings.salvage({ baitBinId: baits?.id ?? null, baits: 1, parts });
  },
  undo: ({ workshop }) => workshop.history.undo(),
  redo: async ({ workshop }) => {
    await workshop.history.undo();
    return workshop.history.redo();
  },
};

const NAMES = Object.keys(DOINGS);

/** The sum of every bin's entries. Holds that none is below zero that nobody agreed to. */
async function holdAboveZero({ db, agreed }: Device): Promise<Map<string, number>> {
  const amounts = new Map<string, number[]>();
  for (const { binId, qty } of await db.entries.toArray()) {
    const mine = amounts.get(binId);
    if (mine) mine.push(qty);
    else amounts.set(binId, [qty]);
  }
  const sums = new Map([...amounts].map(([binId, mine]) => [binId, sum(mine)]));
  for (const [binId, level] of sums) {
    if (level < -SAME && !agreed.has(binId))
      throw new Error(`${binId} is at ${level}, and nobody agreed to it`);
  }
  return sums;
}

/** Holds that what every reading says of a bin is the sum of its entries. */
async function hold(at: Device): Promise<void> {
  const sums = await holdAboveZero(at);
  const { levels } = await at.workshop.shelf.ledger();
  const { levels: read } = await ledgerReader(at.db)('all');
  for (const [binId, level] of sums) {
    expect(Math.abs((levels.get(binId) ?? 0) - level)).toBeLessThan(SAME);
    expect(Math.abs((read.get(binId) ?? 0) - level)).toBeLessThan(SAME);
  }
}

const asked = fc.record({ a: fc.nat(6), b: fc.nat(6), many: fc.integer({ min: 1, max: 9 }) });
const step = fc.oneof(
  { weight: 12, arbitrary: fc.record({ do: fc.constantFrom(...NAMES), on: fc.nat(1), asked }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constantFrom('reload', 'join'), on: fc.nat(1), asked }) },
);

describe('the whole bench', () => {
  it('balances to its ledger after anything done at any station, undone, reloaded and joined', async () => {
    const tally = new Map<string, number>();
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 8, maxLength: 22 }), async (steps) => {
        const devices = [device('bench'), device('phone')] as const;
        for (const { workshop } of devices) await workshop.backup.restore(BASE);
        for (const { do: name, on, asked: what } of steps) {
          const [here, there] = on === 0 ? devices : ([devices[1], devices[0]] as const);
          const before = await here.db.entries.count();
          if (name === 'reload') {
            await here.workshop.backup.restore((await here.workshop.backup.save()).contents);
          } else if (name === 'join') {
            const theirs = (await there.workshop.backup.save()).contents;
            // The preview says which bins both had taken from; the maker's yes to it is the word.
            const plan = await here.workshop.backup.previewJoin(theirs);
            const joined = await here.workshop.backup.join(theirs);
            if (joined.ok) for (const { binId } of plan.belowZero) here.agreed.add(binId);
            if (joined.ok) for (const binId of there.agreed) here.agreed.add(binId);
          } else {
            await DOINGS[name]?.(here, what);
          }
          if ((await here.db.entries.count()) !== before) tally.set(name, (tally.get(name) ?? 0) + 1);
          await holdAboveZero(here);
        }
        for (const at of devices) {
          await hold(at);
          const { db } = at;
          const entries = await db.entries.toArray();
          const whole = growLedger(EMPTY_LEDGER, entries);
          expect([...whole.entriesByBin.values()].flat()).toHaveLength(entries.length);
          db.close();
        }
      }),
      { numRuns: 10, seed: 3 },
    );
    // A property over doings that are all refused would hold of anything.
    const entering = NAMES.filter((name) => (tally.get(name) ?? 0) > 0);
    expect(NAMES.filter((name) => !entering.includes(name))).toEqual([]);
    expect(tally.get('join') ?? 0).toBeGreaterThan(0);
  }, 300_000);
});
