import { beginRig } from '@/core/rigs/begin-rig';
import { chosenOf, judgeRig } from '@/core/rigs/judge-rig';
import { RIG_KINDS } from '@/core/rigs/kinds';
import type { RigItem, RigPiece } from '@/core/rigs/rig';
import type { Bin } from '@/records/bin';
import { PLAIN_BIN } from '@/records/plain-bin';
import { rigPieceOf } from '@/records/rig-piece';
import { matchLines } from './match-lines';
import { typicalPlaces } from './typical-rig';

const EMPTY = { binById: new Map<string, Bin>(), matches: [] };

/** A rig of typical parts alone, laid out as its kind does. */
function laidOut(kind: string, wishes: Readonly<Record<string, number>> = {}) {
  const begun = beginRig(kind, [], matchLines(EMPTY), { wants: wishes });
  const draft = { kind, wants: { ...begun.wants }, picks: { ...begun.picks }, items: [] };
  const places = typicalPlaces(draft as unknown as Parameters<typeof typicalPlaces>[0], EMPTY, 'in');
  const chosen = Object.fromEntries(
    Object.entries(places).map(([place, { id, bin }]): [string, RigPiece] => [
      place,
      rigPieceOf({ ...PLAIN_BIN, ...bin, id, retired: false } as Bin)!,
    ]),
  );
  return { rig: beginRig(kind, [], matchLines(EMPTY), { wants: wishes, chosen }), places };
}

describe('typicalPlaces', () => {
  it.each(RIG_KINDS.map(({ id }) => [id] as const))(
    'fills a %s from nothing, and nothing of it is refused',
    (kind) => {
      const { rig } = laidOut(kind);
      const shelf = Object.values(chosenOf(rig.items as RigItem[]));
      const { findings } = judgeRig(rig, shelf, matchLines(EMPTY));
      expect(findings.filter(({ weight }) => weight === 'stop')).toEqual([]);
    },
  );

  it('takes cable that bears the load, a crimp that takes it twice, and single hooks as the lure is long', () => {
    const { places } = laidOut('cable-set', { loadKgf: 100, lureMm: 215 });
    expect(places.cable?.bin.name).toBe('Cable 280 lb');
    expect(places.front?.kind.id).toBe('inline-single');
    const crimp = places.crimp?.bin;
    expect(crimp?.kind === 'part' ? crimp.gauge?.sizes.holeMm : 0).toBeGreaterThanOrEqual(2 * 1.19);
  });
});
