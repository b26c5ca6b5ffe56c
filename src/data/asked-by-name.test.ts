import 'fake-indexeddb/auto';
import { testWorkshop } from '../../tests/support/test-bench';
import type { NewBuild } from '@/records/build';
import type { NewRig } from '@/records/rig';
import { notKeptYet } from '@/model/tickets/not-kept-yet';
import { wareName } from '@/model/bills/promises';

const BAIT: NewBuild = {
  family: null,
  name: 'Pond bait',
  kind: 'spinnerbait',
  head: null,
  skirtId: null,
  frameBinId: null,
  armMm: null,
  arm: [],
  end: { binId: null, bladeBinId: null },
  slots: [],
  minFreeMm: 3,
  pattern: null,
  worth: 5,
  note: '',
};
const RIG: NewRig = {
  family: null,
  name: 'Pond bait',
  kind: 'leader',
  wants: {},
  picks: {},
  items: [
    {
      id: 'line',
      place: null,
      binId: 'cord',
      on: null,
      lengthMm: null,
      ends: null,
      atMm: null,
      count: 1,
      isTurned: false,
    },
  ],
  note: '',
} as never;

/** A ticket for a bait and a rig of one name, neither of which anybody kept. */
async function asking() {
  const { workshop } = testWorkshop();
  const ware = (kind: 'build' | 'rig', family: string) => ({
    id: `${kind}-ware`,
    kind,
    family,
    says: 'Pond bait',
    count: 3,
    dueOn: null,
  });
  await workshop.tickets.add({
    title: 'Pond opening',
    buyer: null,
    toleranceShare: 0.05,
    note: '',
    lines: [],
    wares: [ware('build', 'asked-bait'), ware('rig', 'asked-rig')],
  });
  const view = async () => ({
    tickets: await workshop.tickets.all(),
    builds: await workshop.builds.all(),
    rigs: await workshop.rigs.all(),
    skirts: [],
    binById: new Map(),
  });
  return { workshop, view };
}

describe('what a ticket asks for by name before there is any', () => {
  it('waits, is called not built yet, and is known once it is kept under that name', async () => {
    const { workshop, view } = await asking();
    const before = await view();
    expect(notKeptYet('build', before).map(({ name }) => name)).toEqual(['Pond bait']);
    expect(wareName(before.tickets[0]!.wares[0]!, before)).toBe('Pond bait, not built yet');
    const other = await workshop.builds.keep({ ...BAIT, name: 'Other bait' });
    expect(other.family).toBe(other.id);
    const kept = await workshop.builds.keep(BAIT);
    expect(kept).toMatchObject({ family: 'asked-bait', version: 1 });
    const after = await view();
    expect(notKeptYet('build', after)).toEqual([]);
    // A rig of the same name is another thing.
    expect(notKeptYet('rig', after)).toHaveLength(1);
    expect(wareName(after.tickets[0]!.wares[0]!, after)).toBe('Pond bait');
    expect((await workshop.rigs.keep(RIG)).family).toBe('asked-rig');
  });

  it('is given to the first that is kept so; the next of that name is its own', async () => {
    const { workshop } = await asking();
    const first = await workshop.builds.keep(BAIT);
    const second = await workshop.builds.keep(BAIT);
    expect(second.family).toBe(second.id);
    expect((await workshop.builds.keep({ ...BAIT, family: first.family })).version).toBe(2);
  });

  it('waits again where the keeping is undone', async () => {
    const { workshop, view } = await asking();
    await workshop.builds.keep(BAIT);
    await workshop.history.undo();
    expect(notKeptYet('build', await view())).toHaveLength(1);
  });
});
