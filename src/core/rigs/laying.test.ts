import { TYPICAL_MATCHES } from '@/reference/matches';
import { findMatch } from './match-table';
import { PLAIN_GAUGE, type PartGauge } from '../parts/part-roles';
import { choosePiece, mayLie, nearestTo } from './choose-piece';
import { cutsOfRig } from './cuts-of-rig';
import type { RigPlace } from './kinds/definition';
import { linksOfRig } from './links-of-rig';
import { rateStrength } from './rate-strength';
import { hooksOf, isThreaded, runOf, type RigItem, type RigPiece } from './rig';
import { crimpFor, isCrimpFor, seatTube, shankOf } from './suits';
import { weighRig } from './weigh-rig';

const gauge = (
  as: PartGauge['as'],
  sizes: PartGauge['sizes'] = {},
  line: PartGauge['line'] = null,
): PartGauge => ({
  ...PLAIN_GAUGE,
  as,
  sizes,
  basis: 'measured',
  line: as === 'line' ? (line ?? 'strand') : null,
});
const piece = (name: string, of: PartGauge, massG: number | null = 1): RigPiece => ({
  binId: name,
  name,
  gauge: of,
  massG,
});
const item = (id: string, part: RigPiece, to: Partial<RigItem> = {}): RigItem => ({
  id,
  place: null,
  part,
  on: null,
  lengthMm: null,
  ends: null,
  atMm: null,
  count: 1,
  isTurned: false,
  ...to,
});
const LINE = piece('Line', gauge('line', { diameterMm: 0.5, breakKgf: 12 }), null);
const CABLE = piece('Cable', gauge('line', { diameterMm: 0.48, breakKgf: 18 }, 'cable'), null);
const HOOK = piece(
  'Hook',
  gauge('hook', { lengthMm: 30, gapeMm: 12, wireMm: 1.2, eyeMm: 1.8, breakKgf: 30 }),
  0.8,
);
const CRIMP = piece('Crimp', gauge('crimp', { holeMm: 1.2, lengthMm: 9 }), 0.1);
const at = (breakKgf: number) => piece(`Swivel ${breakKgf}`, gauge('swivel', { lengthMm: 9, breakKgf }));

describe('choosing from the shelf', () => {
  const place = (to: Partial<RigPlace>): RigPlace => ({
    id: 'p',
    name: 'P',
    takes: ['swivel'],
    isNeeded: true,
    wish: () => null,
    ...to,
  });
  const question = { wants: {}, picks: {}, chosen: {}, matches: [] };

  it('takes the least that is enough, the strongest where none is, the first where nobody wishes', () => {
    const shelf = [at(30), at(12), at(18)];
    const wish = (value: number) => place({ wish: () => ({ size: 'breakKgf', value, how: 'at-least' }) });
    expect(choosePiece(shelf, wish(13), question)?.name).toBe('Swivel 18');
    expect(choosePiece(shelf, wish(18), question)?.name).toBe('Swivel 18');
    expect(choosePiece(shelf, wish(99), question)?.name).toBe('Swivel 30');
    expect(choosePiece(shelf, place({}), question)?.name).toBe('Swivel 30');
    expect(choosePiece([], place({}), question)).toBeNull();
  });

  it('takes the nearest, by weight too, and only what fits where something does', () => {
    const weights = [5, 9, 20].map((g) => piece(`${g} g`, gauge('weight', { diameterMm: g }), g));
    expect(nearestTo(weights, { size: 'massG', value: 8, how: 'nearest' })?.name).toBe('9 g');
    const fits = ({ massG }: RigPiece) => massG === 20;
    expect(nearestTo(weights, { size: 'massG', value: 8, how: 'nearest', fits })?.name).toBe('20 g');
    expect(nearestTo(weights, { size: 'massG', value: 8, how: 'nearest', fits: () => false })?.name).toBe(
      '9 g',
    );
    expect(nearestTo(weights, { size: 'holeMm', value: 1, how: 'nearest' })).toBeNull();
  });

  it('lets no other line lie where a cable must', () => {
    expect(mayLie(LINE, { takes: ['line'] })).toBe(true);
    expect(mayLie(LINE, { takes: ['line'], line: ['cable'] })).toBe(false);
    expect(mayLie(CABLE, { takes: ['line'], line: ['cable'] })).toBe(true);
    expect(mayLie(HOOK, { takes: ['line'] })).toBe(false);
  });
});

describe('cutting for a rig', () => {
  const items = [
    item('lead', CABLE, { lengthMm: 60, ends: ['crimp-loop', 'crimp-loop'] }),
    item('crimp', CRIMP),
    item('hook', HOOK),
    item('tube', piece('Tube', gauge('tube', { holeMm: 4 })), { lengthMm: 17.2 }),
  ];

  it('adds what each end takes, to the full millimeter above; tube is cut square', () => {
    const [lead, tube] = cutsOfRig({ kind: 'leader', items, wants: { loopMm: 10 } }, () => null);
    expect(lead).toMatchObject({ finishedMm: 60, endsMm: [19, 19], cutMm: 98 });
    expect(tube).toMatchObject({ finishedMm: 17.2, endsMm: [0, 0], cutMm: 18 });
  });

  it('goes by the maker’s own allowance for this line', () => {
    const learned = (end: string, binId: string) => (end === 'crimp-loop' && binId === 'Cable' ? 22.3 : null);
    expect(cutsOfRig({ kind: 'leader', items, wants: {} }, learned)[0]?.cutMm).toBe(105);
  });

  it('cuts a hair and the leader it is the end of as one piece, with the snell between them', () => {
    const thin = piece('Braid', gauge('line', { diameterMm: 0.2 }));
    const hair = { lengthMm: 20, ends: ['through', 'overhand-loop'], on: 'hook' } as const;
    const rig = [
      item('leader', thin, { lengthMm: 100, ends: ['knot', 'snell'] }),
      item('hook', HOOK),
      item('hair', thin, hair),
    ];
    const [cut, ...rest] = cutsOfRig({ kind: 'leader', items: rig, wants: {} }, () => 5);
    expect(rest).toEqual([]);
    // A knot above; a snell on the way and a loop below.
    expect(cut).toMatchObject({ itemId: 'leader', finishedMm: 120, endsMm: [5, 10], cutMm: 135 });
    const own = rig.map((each) =>
      each.id === 'hair' ? item('hair', piece('Floss', thin.gauge), hair) : each,
    );
    expect(cutsOfRig({ kind: 'leader', items: own, wants: {} }, () => 5)).toHaveLength(2);
  });

  it('cuts nothing of a line that stays on its reel', () => {
    const main = item('main', CABLE, { lengthMm: 260, ends: ['plain', 'knot'], place: 'main' });
    expect(cutsOfRig({ kind: 'feeder', items: [main], wants: {} }, () => null)).toEqual([]);
    expect(cutsOfRig({ kind: 'float-rig', items: [main], wants: {} }, () => null)).toHaveLength(1);
  });

  it('knows the crimp of a line from before it, and a usual one where there is none', () => {
    const before = [
      item('crimp', CRIMP),
      item('line', CABLE, { lengthMm: 50, ends: ['plain', 'crimp-loop'] }),
    ];
    expect(
      cutsOfRig({ kind: 'leader', items: before, wants: { loopMm: 10 } }, () => null)[0]?.endsMm,
    ).toEqual([0, 19]);
    const alone = [item('line', CABLE, { lengthMm: 50, ends: ['plain', 'crimp-loop'] })];
    expect(cutsOfRig({ kind: 'leader', items: alone, wants: {} }, () => null)[0]?.endsMm).toEqual([0, 20]);
  });
});

describe('the links of a rig', () => {
  const rig = (items: RigItem[]) => ({ kind: 'feeder' as const, items });

  it('are as strong as the weaker end leaves them', () => {
    const { links } = linksOfRig(
      rig([item('a', LINE, { lengthMm: 9, ends: ['snell', 'overhand-loop'] }), item('h', HOOK)]),
    );
    expect(links.map(({ name, efficiency }) => [name, efficiency])).toEqual([
      ['Line, overhand loop', 0.6],
      ['Hook', 1],
    ]);
    expect(rateStrength(links)).toEqual({ kgf: expect.closeTo(7.2, 9), weakest: 'Line, overhand loop' });
  });

  it('take the end for what the line is made of, and the maker’s own pulls before that', () => {
    const holds = (part: RigItem['part'], end: 'knot' | 'crimp-loop') =>
      linksOfRig(rig([item('a', part, { lengthMm: 9, ends: [end, 'plain'] })])).links[0];
    const braid = piece('Braid', gauge('line', { diameterMm: 0.3, breakKgf: 20 }, 'cord'), null);
    expect(holds(LINE, 'knot')).toMatchObject({ efficiency: 0.8, pulls: 0 });
    expect(holds(braid, 'knot')).toMatchObject({ efficiency: 0.65, pulls: 0 });
    // What is made for cable crushes plaited cord.
    expect(holds(CABLE, 'crimp-loop')!.efficiency).toBeGreaterThan(holds(braid, 'crimp-loop')!.efficiency);
    const pulled = { knot: { share: 0.72, pulls: 4, between: null } };
    expect(holds({ ...braid, pulled }, 'knot')).toMatchObject({ efficiency: 0.72, pulls: 4 });
    expect(holds({ ...braid, pulled }, 'crimp-loop')).toMatchObject({ efficiency: 0.5, pulls: 0 });
  });

  it('leave out what ties, what holds bait, and ends that bear nothing', () => {
    const items = [
      item('a', LINE, { lengthMm: 9, ends: ['melted', 'knot'] }),
      item('hair', LINE, { place: 'hair', lengthMm: 9, ends: ['plain', 'overhand-loop'] }),
      item('bead', piece('Bead', gauge('bead'))),
    ];
    expect(linksOfRig(rig(items)).links).toEqual([]);
    expect(linksOfRig(rig([item('a', LINE, { lengthMm: 9, ends: ['plain', 'plain'] })])).links[0]?.name).toBe(
      'Line',
    );
  });

  it('name once what nobody knows the strength of', () => {
    const bare = piece('Ring', gauge('ring', { diameterMm: 5 }));
    expect(linksOfRig(rig([item('r1', bare), item('r2', bare)])).unknown).toEqual([
      { itemId: 'r1', name: 'Ring' },
    ]);
  });
});

describe('what suits what', () => {
  const matches = [{ table: 'crimp-by-cable', from: 0.47, to: 0.56, takes: 1.2, basis: 'typical' } as const];

  it('is a crimp of the table’s size, within a packet’s difference', () => {
    expect(crimpFor(CABLE, matches)).toBe(1.2);
    expect(crimpFor(piece('Thick', gauge('line', { diameterMm: 3 })), matches)).toBeNull();
    expect(crimpFor(piece('Bare', gauge('line')), matches)).toBeNull();
    expect(isCrimpFor(CRIMP, piece('Any', gauge('line')), 1.25)).toBe(true);
    expect(isCrimpFor(CRIMP, piece('Any', gauge('line')), 1.4)).toBe(false);
    // Twice the cable and a little is right, whatever a table has; four times is loose.
    const fine = piece('Fine', gauge('line', { diameterMm: 0.2 }));
    const crimp = (holeMm: number) => piece('Crimp', gauge('crimp', { holeMm }));
    expect(findMatch(TYPICAL_MATCHES, 'crimp-by-cable', 0.2)?.takes).toBe(0.5);
    expect(isCrimpFor(crimp(0.5), fine, 0.8)).toBe(true);
    expect(isCrimpFor(crimp(0.8), fine, 0.5)).toBe(false);
    expect(isCrimpFor(crimp(0.39), fine, 0.5)).toBe(false);
  });

  it('is a tube over the eye that grips the shank and the line beside it', () => {
    const tube = (holeMm: number) => piece('Tube', gauge('tube', { holeMm, shrinkRatio: 3 }));
    expect(seatTube(tube(4.8), HOOK, CABLE, [])).toMatchObject({
      verdict: 'fits',
      // An eye of 4.2 mm on a wire of 1.2 mm, gone over flat: 1.2 + 2 * 3 / pi.
      overMm: expect.closeTo(3.1099, 3),
      shrunkMm: expect.closeTo(1.6, 9),
    });
    expect(seatTube(tube(3.2), HOOK, CABLE, [])?.verdict).toBe('fits');
    expect(seatTube(tube(3), HOOK, CABLE, [])?.verdict).toBe('too-small');
    expect(seatTube(tube(9), HOOK, CABLE, [])?.verdict).toBe('too-loose');
    const tried = [{ table: 'tube-by-hook', from: 4, to: 5, takes: 9, basis: 'tried' } as const];
    expect(seatTube(tube(9), HOOK, CABLE, tried)?.verdict).toBe('fits');
    expect(seatTube(tube(4.8), piece('Bare', gauge('hook')), CABLE, [])).toBeNull();
  });

  it('knows how much of a shank is straight', () => {
    expect(shankOf(HOOK.gauge)).toBeCloseTo(30 - 7.2, 9);
    expect(shankOf(gauge('hook', { lengthMm: 5, gapeMm: 20 }))).toBe(0);
  });
});

describe('items', () => {
  const items = [
    item('line', LINE, { lengthMm: 100 }),
    item('bead', piece('Bead', gauge('bead'), 0.2), { count: 3 }),
    item('hook', HOOK),
    item('drop', LINE, { on: 'hook', lengthMm: 20 }),
    item('odd', piece('Odd', gauge('float'), null)),
  ];

  it('lie in runs, on lines or at their ends, and weigh what they were weighed at', () => {
    expect(runOf(items, null).map(({ id }) => id)).toEqual(['line', 'bead', 'hook', 'odd']);
    expect(runOf(items, 'hook').map(({ id }) => id)).toEqual(['drop']);
    expect(hooksOf({ items }).map(({ id }) => id)).toEqual(['hook']);
    expect(items.map(({ part }) => isThreaded(part.gauge))).toEqual([false, true, false, false, true]);
    const { massG, unweighed } = weighRig({ items });
    expect(massG).toBeCloseTo(1.4, 9);
    expect(unweighed).toEqual(['Odd']);
  });
});
