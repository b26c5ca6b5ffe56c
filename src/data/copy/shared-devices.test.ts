import { repeatableRandom } from '@/core/numeric/repeatable-random';
import { CONTENTS_TABLES, type BenchContents } from '@/records/bench-file';
import { memoryFolder } from '../../../tests/support/memory-folder';
import { HOOKS, LOT, testWorkshop } from '../../../tests/support/test-bench';
import { BenchDatabase } from '../database';
import type { MergeChoices } from '../exchange/merge/merge-benches';
import { conflictKey } from '../exchange/merge/merge-benches';
import { openWorkshop } from '../workshop';
import { exchangeBenches, newSharing, unseenBenches } from './shared-benches';

/** `RUVEK_DEVICE_DOINGS=10000` tries more. */
const DOINGS = Number(process.env.RUVEK_DEVICE_DOINGS ?? 240);
const START = Number(process.env.RUVEK_DEVICE_START ?? 20_613);
const NAMES = ['vise-a1', 'phone-b2', 'desk-c3'] as const;

let opened = 0;

/** A device with a bench, a clock of its own that is off, and its own copy of the shared folder. */
function openDevice(name: string, offMs: number) {
  opened += 1;
  const db = new BenchDatabase(`shared-${opened}`);
  const entries = new Set<string>();
  db.entries.hook('creating', (_key, { id }) => void entries.add(id));
  let time = Date.UTC(2026, 10, 24, 8) + offMs;
  let names = 0;
  const workshop = openWorkshop({
    db,
    now: () => (time += 700),
    newId: () => `${name}-${String((names += 1)).padStart(6, '0')}`,
  });
  const sharing = newSharing();
  const folder = memoryFolder();
  /** A round of sharing, as the page has it once it is told that something may have changed. */
  const round = () => {
    sharing.mayDiffer = true;
    return exchangeBenches(folder, name, workshop.backup, sharing);
  };
  return { name, db, workshop, entries, folder, sharing, round };
}

type Device = ReturnType<typeof openDevice>;

/** What comes of a bench whoever looks at it: no order of records, no time of saving. */
function plain(contents: BenchContents) {
  return Object.fromEntries(
    CONTENTS_TABLES.map((table) => [table, [...contents[table]].sort((a, b) => (a.id < b.id ? -1 : 1))]),
  );
}

function levels({ entries }: BenchContents): Record<string, number> {
  const all: Record<string, number> = {};
  for (const { binId, qty } of entries) all[binId] = (all[binId] ?? 0) + qty;
  return all;
}

async function threeDevices() {
  const { workshop: first } = testWorkshop(Date.UTC(2026, 10, 24, 7));
  const lot = await first.shelf.add(LOT, 50_000);
  const hooks = await first.shelf.add(HOOKS, 4_000);
  const base = (await first.backup.save()).contents;
  const devices = NAMES.map((name, nth) => openDevice(name, [0, -5_000_000, 90_000][nth] ?? 0));
  for (const { workshop } of devices) await workshop.backup.restore(base);
  return { devices, base, lot, hooks };
}

describe('devices that share a folder', () => {
  it('end alike, and no gram off, however their files arrive', async () => {
    const { devices, base, lot, hooks } = await threeDevices();
    const random = repeatableRandom(START);
    const below = (most: number) => Math.floor(random() * most);
    const pick = <Thing>(list: readonly Thing[]) => list[below(list.length)] as Thing;
    const line = (id: string, count: number) => ({
      id,
      style: 'egg',
      nominalG: 10,
      count,
      hookBinId: null,
      metalBinId: lot,
      coatId: null,
      skirtId: null,
      guardBinId: null,
      collarBinId: null,
      dueOn: null,
    });
    let told = 0;
    const doings: ((device: Device) => Promise<unknown>)[] = [
      ({ workshop }) => workshop.shelf.move(hooks, 'taken', 1 + below(3)),
      ({ workshop }) => workshop.shelf.move(lot, 'taken', 1 + below(40) / 7),
      ({ workshop }) => workshop.shelf.move(hooks, 'received', 1 + below(9)),
      ({ workshop }) => workshop.shelf.count(hooks, 3_000 + below(500)),
      ({ workshop }) => workshop.history.undo(),
      ({ workshop }) => workshop.history.undo(),
      ({ workshop }) => workshop.history.redo(),
      async ({ workshop }) => {
        const bin = (await workshop.shelf.bins()).find(({ id }) => id === pick([lot, hooks]));
        if (bin) await workshop.shelf.edit({ ...bin, place: `Place ${below(1000)}` });
      },
      ({ workshop }) => {
        told += 1;
        const ticket = { buyer: null, toleranceShare: 0.05, note: '', wares: [] };
        return workshop.tickets.add({
          ...ticket,
          title: `T${told}`,
          lines: [line(`line-${told}`, 1 + below(9))],
        });
      },
      ({ workshop }) => {
        told += 1;
        const drawer = { kind: 'drawer' as const, columns: 2, rows: 1, note: '' };
        return workshop.cabinet.save({ ...drawer, name: `D${told}`, column: below(10), row: below(40) });
      },
      async ({ db, workshop }) => {
        const drawers = await db.drawers.toArray();
        if (drawers.length > 0) await workshop.cabinet.remove(pick(drawers).id);
      },
    ];

    /** Answers what a device is asked, as chance will have it. */
    const answer = async (device: Device, name: string) => {
      const found = (await unseenBenches(device.folder, device.name, device.sharing)).find(
        (each) => each.name === name,
      );
      if (!found) return;
      const plan = await device.workshop.backup.previewJoin(found.file.contents);
      const choices: MergeChoices = Object.fromEntries(
        plan.conflicts.map((conflict) => [conflictKey(conflict), random() < 0.5 ? 'ours' : 'theirs']),
      );
      await device.workshop.backup.join(found.file.contents, choices);
      device.sharing.seen.set(found.device, found.name);
    };
    const sync = async (device: Device) => {
      const shared = await device.round();
      for (const question of shared.questions) await answer(device, question.name);
      return shared;
    };
    /** Brings one file of a device to another, now or never, whole or half of it; or takes away what is gone there. */
    const deliver = (from: Device, to: Device, how: 'badly' | 'well') => {
      for (const [file, bytes] of from.folder.files) {
        if (!file.startsWith(from.name)) continue;
        if (how === 'badly' && random() < 0.3) continue;
        const isHalf = how === 'badly' && random() < 0.2;
        to.folder.files.set(file, isHalf ? bytes.slice(0, below(bytes.byteLength)) : bytes);
        if (how === 'badly' && random() < 0.1) to.folder.files.set(`${file} (copy)`, bytes);
      }
      for (const file of to.folder.files.keys())
        if (file.startsWith(from.name) && !from.folder.files.has(file) && (how === 'well' || random() < 0.5))
          to.folder.files.delete(file);
    };

    const every = Math.max(12, Math.round(DOINGS / 60));
    for (let nth = 0; nth < DOINGS; nth += 1) {
      const device = pick(devices);
      await pick(doings)(device);
      if (below(every) === 0) await sync(device);
      if (below(every) === 0) deliver(pick(devices), pick(devices), 'badly');
    }

    let rounds = 0;
    for (let isQuiet = false; !isQuiet; rounds += 1) {
      expect(rounds).toBeLessThan(12);
      isQuiet = true;
      for (const device of devices) {
        const { wrote, joined, questions } = await sync(device);
        if (wrote || joined > 0 || questions.length > 0) isQuiet = false;
        for (const other of devices) if (other !== device) deliver(device, other, 'well');
      }
    }

    const ends = await Promise.all(
      devices.map(async ({ workshop }) => (await workshop.backup.save()).contents),
    );
    expect(plain(ends[1]!)).toEqual(plain(ends[0]!));
    expect(plain(ends[2]!)).toEqual(plain(ends[0]!));
    // Each entry that anybody made is there once, and nothing else.
    const made = new Set(devices.flatMap(({ entries }) => [...entries]));
    expect(ends[0]!.entries.map(({ id }) => id).sort()).toEqual([...made].sort());
    const own = ends[0]!.entries.filter(({ id }) => !base.entries.some((entry) => entry.id === id));
    const sum = (binId: string) =>
      own.reduce((total, each) => total + (each.binId === binId ? each.qty : 0), 0);
    expect(levels(ends[0]!)[hooks]).toBeCloseTo(4_000 + sum(hooks), 6);
    expect(levels(ends[0]!)[lot]).toBeCloseTo(50_000 + sum(lot), 6);
    const numbers = ends[0]!.tickets.map(({ no }) => no);
    expect(new Set(numbers).size).toBe(numbers.length);

    // And once more changes nothing and asks nothing, even where nobody remembers what was seen.
    for (const device of devices) {
      const again = await exchangeBenches(device.folder, device.name, device.workshop.backup, newSharing());
      expect(again).toEqual({ joined: 0, questions: [], wrote: false });
    }
  }, 3_600_000);

  it('asks and looks no more than it must', async () => {
    const { devices, hooks } = await threeDevices();
    const [vise, phone] = devices as [Device, Device, Device];
    const place = async ({ workshop }: Device, where: string) => {
      const bin = (await workshop.shelf.bins()).find(({ id }) => id === hooks);
      if (bin) await workshop.shelf.edit({ ...bin, place: where });
    };
    await place(vise, 'Tray');
    await place(phone, 'Box');
    await vise.round();
    for (const [name, bytes] of vise.folder.files) phone.folder.files.set(name, bytes);
    const first = await phone.round();
    expect(first.questions).toHaveLength(1);
    const reads = jest.spyOn(phone.folder, 'read');
    const again = await exchangeBenches(phone.folder, phone.name, phone.workshop.backup, phone.sharing);
    expect(again).toEqual({ joined: 0, questions: first.questions, wrote: false });
    expect(reads).not.toHaveBeenCalled();
    // A newer file of the same device takes the place of the one that was asked about.
    await place(vise, 'Drawer');
    await vise.round();
    for (const [name, bytes] of vise.folder.files) phone.folder.files.set(name, bytes);
    const newer = await exchangeBenches(phone.folder, phone.name, phone.workshop.backup, phone.sharing);
    expect(newer.questions.map(({ name }) => name)).toEqual(['vise-a1.000002.ruvek.gz']);
  });

  it('knows a device by its mark, whatever it is called', async () => {
    const { devices } = await threeDevices();
    const [vise] = devices as [Device, Device, Device];
    await vise.round();
    await vise.workshop.cabinet.save({
      kind: 'drawer',
      name: 'D',
      column: 0,
      row: 0,
      columns: 1,
      rows: 1,
      note: '',
    });
    vise.sharing.mayDiffer = true;
    const shared = await exchangeBenches(
      vise.folder,
      'bench-by-the-window-a1',
      vise.workshop.backup,
      vise.sharing,
    );
    expect(shared).toEqual({ joined: 0, questions: [], wrote: true });
    expect([...vise.folder.files.keys()]).toEqual([
      'vise-a1.000001.ruvek.gz',
      'bench-by-the-window-a1.000002.ruvek.gz',
    ]);
  });

  it('takes in a device that comes late, and one that was away', async () => {
    const { devices, hooks } = await threeDevices();
    const [vise, phone] = devices as [Device, Device, Device];
    await vise.workshop.shelf.move(hooks, 'taken', 7);
    await vise.round();
    const late = openDevice('late-d4', 31_000_000_000);
    for (const [name, bytes] of vise.folder.files) {
      late.folder.files.set(name, bytes);
      phone.folder.files.set(name, bytes);
    }
    // The last seen of it is cut off: the one before is enough to begin with.
    await vise.workshop.shelf.move(hooks, 'taken', 1);
    await vise.round();
    for (const [name, bytes] of vise.folder.files)
      if (!late.folder.files.has(name)) late.folder.files.set(name, bytes.slice(0, 300));
    const shared = await late.round();
    expect(shared).toEqual({ joined: 1, questions: [], wrote: true });
    expect((await late.workshop.shelf.ledger()).levels.get(hooks)).toBe(3_993);
    await phone.workshop.shelf.move(hooks, 'received', 100);
    await phone.round();
    expect((await phone.workshop.shelf.ledger()).levels.get(hooks)).toBe(4_093);
  });
});
