import { demoBench } from '@/demo/demo-bench';
import { viewOf } from '../../../tests/support/view-of';
import { headsFor } from '../baits/bait-facts';
import { kitOf, usualHead } from '../baits/run-plan';
import { headsThere, hungHeads } from './heads-there';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const view = viewOf(demo);
const build = demo.builds.find(({ name }) => name === 'Weir shaker')!;
const [head] = headsFor(build, view);
const there = view.levels.get(head!.id)!;

/** The made-up bench with so many of the build's heads on a rack. */
function withHung(count: number, state: 'hanging' | 'curing' | 'out') {
  const one = {
    rod: 0,
    slot: 0,
    headBinId: head!.id,
    coatId: demo.coats[0]!.id,
    ticketId: null,
    lineId: null,
  };
  const rack = { ...demo.racks[0]!, id: 'mine', state, hung: Array.from({ length: count }, () => one) };
  return viewOf({ ...demo, racks: [rack as (typeof demo.racks)[number]] });
}

describe('heads that hang in the oven', () => {
  it('are not there to be taken, while they hang and cure', () => {
    for (const state of ['hanging', 'curing'] as const) {
      const hung = withHung(2, state);
      expect(hungHeads(hung).get(head!.id)).toBe(2);
      expect(headsThere(hung)(head!.id)).toBe(there - 2);
      const line = kitOf(build, 1, head!.id, hung).lines.find(({ binId }) => binId === head!.id);
      expect(line?.onHand).toBe(there - 2);
    }
    expect(headsThere(withHung(2, 'out'))(head!.id)).toBe(there);
  });

  it('are offered to no bait where all of them hang', () => {
    const ids = headsFor(build, withHung(there, 'curing')).map(({ id }) => id);
    expect(ids).not.toContain(head!.id);
  });
});

describe('the heads that a run begins with', () => {
  it('are in the color of the bait, never others without a word', () => {
    const coatId = demo.coats.find(({ id }) => id !== head!.coatId)!.id;
    const colored = { ...build, head: { ...build.head!, coatId } };
    const chosen = usualHead(colored, 1, view);
    const bin = chosen === null ? null : view.binById.get(chosen);
    expect(bin === null || (bin?.kind === 'head' && bin.coatId === coatId)).toBe(true);
  });
});
