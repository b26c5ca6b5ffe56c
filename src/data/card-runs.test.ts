import 'fake-indexeddb/auto';
import type { Building } from '@/records/build';
import { BenchDatabase } from './database';
import { openWorkshop } from './workshop';

const GLUE = { what: 'Glue', minutes: 30 };

/** A bench with a run of baits on it, and a clock that is set by hand. */
async function onTheBench(run: Partial<Building> = {}, name = 'runs') {
  let now = 5000;
  let names = 0;
  const db = new BenchDatabase(`card-${name}`);
  const workshop = openWorkshop({ db, now: () => now, newId: () => `id-${(names += 1)}` });
  await db.buildings.add({
    id: 'run',
    no: 7,
    state: 'building',
    buildId: 'b',
    taken: [],
    putBack: [],
    passed: 0,
    failed: [],
    card: { step: 0, piece: 0, counted: 0 },
    count: 2,
    way: 'by-station',
    isThrough: false,
    startedAt: 1,
    inHand: 5e3,
    seconds: 10,
    endedAt: null,
    ...run,
  });
  const at = async () => (await db.buildings.get('run'))!;
  const press = async (times: readonly number[], drying: readonly (typeof GLUE | null)[]) => {
    await workshop.buildings.press('run', times, drying);
    return { card: (await at()).card, clocks: await db.clocks.toArray() };
  };
  return { db, workshop, at, press, setClock: (ms: number) => (now = ms) };
}

describe('runs with a card', () => {
  it('add up the time with hands on them, and none while they rest', async () => {
    const { workshop, at, setClock } = await onTheBench({}, 'time');
    setClock(65_000);
    await workshop.buildings.rest('run', true);
    expect(await at()).toMatchObject({ seconds: 70, inHand: null });
    setClock(165_000);
    await workshop.buildings.rest('run', true);
    expect(await at()).toMatchObject({ seconds: 70, inHand: null });
    await workshop.buildings.rest('run', false);
    // A clock that was set back takes nothing away.
    setClock(1000);
    await workshop.buildings.rest('run', true);
    expect(await at()).toMatchObject({ seconds: 70 });
  });

  it('start the glue’s clock with the last piece of its step alone', async () => {
    const { press } = await onTheBench({}, 'glue');
    const first = await press([0, 0], [GLUE, null]);
    expect(first).toEqual({ card: { step: 0, piece: 1, counted: 0 }, clocks: [] });
    const last = await press([0, 0], [GLUE, null]);
    expect(last.card).toEqual({ step: 1, piece: 0, counted: 0 });
    expect(last.clocks).toMatchObject([{ name: 'Glue, building run 7' }]);
    expect(last.clocks[0]!.endsAt - last.clocks[0]!.startedAt).toBe(30 * 60_000);
  });

  it('count inside a step before the glue counts', async () => {
    const { press } = await onTheBench({ count: 1 }, 'count');
    expect(await press([3], [GLUE])).toEqual({ card: { step: 0, piece: 0, counted: 1 }, clocks: [] });
  });

  it('are through after the last press, come back from there, and turn to any step before', async () => {
    const last = { step: 1, piece: 1, counted: 0 };
    const { workshop, at, press } = await onTheBench({ card: last, inHand: null }, 'through');
    await press([0, 0], [null, null]);
    expect(await at()).toMatchObject({ isThrough: true, card: last, inHand: 5000 });
    await press([0, 0], [null, null]);
    await workshop.buildings.turnTo('run', 0);
    expect(await at()).toMatchObject({ isThrough: true, card: last });
    await workshop.buildings.pressBack('run', 2);
    expect(await at()).toMatchObject({ isThrough: false, card: last });
    await workshop.buildings.turnTo('run', 0);
    expect((await at()).card).toEqual({ step: 0, piece: 1, counted: 0 });
    await workshop.buildings.pressBack('run', 2);
    expect((await at()).card).toEqual({ step: 0, piece: 0, counted: 0 });
  });
});
