import { demoBench } from '@/demo/demo-bench';
import { finishedBins, promiseDressing, wareName } from '@/model/bills/promises';
import { offerLines } from '@/model/cost/offer';
import { typicalThings } from '@/model/stock/typical-things';
import type { Ticket } from '@/records/ticket';
import { viewOf } from '../../../tests/support/view-of';
import { boughtWares, isSoldAsBought } from './bought-wares';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const leader = typicalThings(isSoldAsBought, 'in').find(({ bin }) =>
  bin.name.startsWith('Ready leader'),
)!.bin;
const bin = { ...leader, id: 'leader', costEach: 1.5 } as Parameters<typeof viewOf>[0]['bins'][number];
const ware = { id: 'w', kind: 'bin', family: 'leader', count: 12, dueOn: null } as const;
const ticket: Ticket = { ...demo.tickets[0]!, id: 't', lines: [], wares: [ware], state: 'open' };
const entry = { ...demo.entries[0]!, id: 'e', binId: 'leader', qty: 5, unitCost: null };
const view = viewOf({
  ...demo,
  bins: [...demo.bins, bin],
  tickets: [ticket],
  entries: [...demo.entries, entry],
});

describe('what a ticket asks for that is bought', () => {
  it('is what is sold as it was bought, not parts of the bench nor what was made here', () => {
    const roles = new Set(boughtWares(view).map(({ gauge }) => gauge!.as));
    expect([...roles].sort()).toEqual(expect.arrayContaining(['rig', 'trailer']));
    expect(roles).not.toContain('bead');
    expect(boughtWares(view).every(({ buildId, rigId }) => buildId === null && rigId === null)).toBe(true);
  });

  it('is promised by its bin, so that what is short is to be bought', () => {
    expect(wareName(ware, view)).toMatch(/^Ready leader/);
    expect(finishedBins(ware, view)).toEqual(['leader']);
    const promised = promiseDressing(view).filter(({ item }) => item === 'leader');
    expect(promised.reduce((so, { qty }) => so + qty, 0)).toBe(12);
    expect(wareName({ ...ware, family: 'gone' }, view)).toBe('something gone');
  });

  it('is offered at what it costs, and no work besides', () => {
    expect(offerLines(ticket, null, 1, view, 2, 'g')).toMatchObject([{ count: 12, cost: 1.5, each: 3 }]);
  });

  it('may be loose skirts, whatever version of their family lies there', () => {
    const skirt = demo.skirts.find(({ version }) => version > 1)!;
    const loose = { ...bin, id: `loose-${skirt.id}`, name: 'Loose' } as typeof bin;
    const asked = { id: 's', kind: 'skirt', family: skirt.family, count: 500, dueOn: null } as const;
    const bench = viewOf({ ...demo, bins: [...demo.bins, loose], tickets: [{ ...ticket, wares: [asked] }] });
    expect(wareName(asked, bench)).toBe(`Loose skirts, ${skirt.name}`);
    expect(finishedBins(asked, bench)).toContain(loose.id);
    // What lies there is promised, and what the rest is tied of.
    const promised = new Set(promiseDressing(bench).map(({ item }) => item));
    const newest = demo.skirts
      .filter(({ family }) => family === skirt.family)
      .reduce((one, other) => (one.version > other.version ? one : other));
    for (const { binId } of newest.layers) expect(promised).toContain(binId);
  });
});
