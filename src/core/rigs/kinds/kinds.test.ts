import { demoBench } from '@/demo/demo-bench';
import { rigPieceOf } from '@/records/rig-piece';
import { TYPICAL_MATCHES } from '@/reference/matches';
import { beginRig, type RigWishes } from '../begin-rig';
import { factsOfRig } from '../facts-of-rig';
import { sum } from '../../numeric/sum';
import { cutsOfRig } from '../cuts-of-rig';
import { judgeRig } from '../judge-rig';
import { layRig } from '../lay-rig';
import { PLAIN_GAUGE } from '../../parts/part-roles';
import type { Rig, RigItem, RigPiece } from '../rig';
import type { RigFinding } from '../rig-finding';
import { weighRig } from '../weigh-rig';
import { assistReach } from './assist';
import { hookSpacing } from './cable-set';
import { findRigKind, RIG_KIND_IDS, RIG_KINDS, type RigKindId } from './index';
import { bundleGrams, flossLength, hairLength } from './hair-lure';
import { cordLength, shotFor } from './shot-cord';

const shelf = demoBench(Date.UTC(2026, 10, 23, 12)).bins.flatMap((bin) => rigPieceOf(bin) ?? []);
const named = (name: string): RigPiece => {
  const piece = shelf.find((each) => each.name === name);
  if (!piece) throw new Error(`no ${name} on the shelf`);
  return piece;
};
const begin = (kind: RigKindId, wishes: RigWishes = {}) => beginRig(kind, shelf, TYPICAL_MATCHES, wishes);
const findings = (rig: Rig) => judgeRig(rig, shelf, TYPICAL_MATCHES).findings;
const codes = (rig: Rig) => findings(rig).map(({ code }) => code);
const at = (rig: Rig, place: string) => rig.items.find((item) => item.place === place)!;
const changed = (rig: Rig, id: string, to: Partial<RigItem>): Rig => ({
  ...rig,
  items: rig.items.map((item) => (item.id === id || item.place === id ? { ...item, ...to } : item)),
});
const finding = (rig: Rig, code: RigFinding['code']) => findings(rig).find((each) => each.code === code);

describe('every kind of rig', () => {
  it('is registered once', () => {
    expect(new Set(RIG_KIND_IDS).size).toBe(RIG_KINDS.length);
    expect(() => findRigKind('none')).toThrow(/registered kinds/);
  });

  it.each(RIG_KINDS.map((kind) => [kind.id, kind] as const))(
    '%s lays out from the demo shelf, fits, and has its steps',
    (id, kind) => {
      const rig = begin(id);
      expect(findings(rig).filter(({ weight }) => weight === 'stop')).toEqual([]);
      expect(new Set(rig.items.map((item) => item.id)).size).toBe(rig.items.length);
      expect(layRig(rig).lengthMm).toBeGreaterThan(10);
      const facts = factsOfRig(
        rig,
        cutsOfRig(rig, () => null),
        (value) => `${value} mm`,
      );
      const steps = kind.steps(facts);
      expect(steps.length).toBeGreaterThan(1);
      expect(new Set(steps.map((step) => step.id)).size).toBe(steps.length);
      expect(kind.checks.length).toBeGreaterThan(1);
    },
  );

  it.each(RIG_KINDS.map(({ id }) => id))('%s says what is missing on an empty shelf', (id) => {
    const rig = beginRig(id, [], TYPICAL_MATCHES);
    expect(rig.items).toEqual([]);
    expect(judgeRig(rig, [], TYPICAL_MATCHES).findings.some(({ code }) => code === 'missing')).toBe(true);
  });
});

describe('a cable set', () => {
  it('of one piece is cut once, runs through the front hook’s eye, and has a loop at each end', () => {
    const two = begin('cable-set');
    const one = begin('cable-set', { picks: { cables: 'one' } });
    const cutsIn = (rig: Rig) => cutsOfRig(rig, () => null).filter(({ name }) => name.startsWith('Cable'));
    expect(cutsIn(two)).toHaveLength(2);
    const [whole, ...rest] = cutsIn(one);
    expect(rest).toEqual([]);
    const lengths = (rig: Rig) =>
      rig.items.filter(({ place }) => place === 'cable').map((each) => each.lengthMm!);
    expect(whole!.finishedMm).toBeCloseTo(sum(lengths(one)), 9);
    expect(lengths(one)).toEqual(lengths(two));
    // Two loops less: so much less cable.
    const [lead, between] = cutsIn(two);
    expect(lead!.cutMm + between!.cutMm - whole!.cutMm).toBeGreaterThan(2 * 12);
    const crimps = (rig: Rig) => rig.items.filter(({ place }) => place === 'crimp').length;
    expect([crimps(two), crimps(one)]).toEqual([4, 2]);
    const titles = (rig: Rig) =>
      findRigKind('cable-set')
        .steps(factsOfRig(rig, [], String))
        .map(({ title }) => title);
    expect(titles(two).filter((title) => title.startsWith('Crimp'))).toHaveLength(4);
    expect(titles(one).filter((title) => title.startsWith('Crimp'))).toHaveLength(2);
    expect(titles(one).some((title) => title.startsWith('Run the cable through the eye'))).toBe(true);
    expect(codes(one)).toEqual([]);
  });

  it('is as long from bend to bend as it was asked for, whatever its hooks', () => {
    const rig = begin('cable-set', { wants: { setMm: 70 }, picks: { by: 'set' } });
    const bends = layRig(rig)
      .items.filter(({ item }) => item.part.gauge.as === 'hook')
      .map(({ toMm }) => toMm);
    expect(bends[1]! - bends[0]!).toBeCloseTo(70, 1);
    expect(codes(rig)).not.toContain('spacing-odd');
  });

  it('has its hooks as far apart as the lure is long, from eye to eye', () => {
    const rig = begin('cable-set', { wants: { lureMm: 180 } });
    expect(hookSpacing(180, 'regular')).toBe(72);
    const laid = layRig(rig);
    const eyes = laid.items.filter(({ item }) => item.part.gauge.as === 'hook').map(({ fromMm }) => fromMm);
    expect(eyes[1]! - eyes[0]!).toBeCloseTo(72, 9);
    const long = begin('cable-set', { wants: { lureMm: 180 }, picks: { reach: 'long' } });
    expect(long.items.find(({ id }) => id === 'between')?.lengthMm).toBe(99);
  });

  it('takes the cable by the load, the crimp by the cable, the tube by the hook', () => {
    const light = begin('cable-set', { wants: { loadKgf: 7 } });
    expect([at(light, 'cable').part.name, at(light, 'crimp').part.name]).toEqual([
      'Cable 9 kg',
      'Crimp 0.8 mm',
    ]);
    const heavy = begin('cable-set', { wants: { loadKgf: 20 } });
    expect([at(heavy, 'cable').part.name, at(heavy, 'crimp').part.name]).toEqual([
      'Cable 27 kg',
      'Crimp 1.4 mm',
    ]);
    expect(codes(heavy)).toEqual([]);
  });

  it('leaves the rear hook off, or turns it over', () => {
    expect(begin('cable-set', { picks: { rear: 'none' } }).items.some(({ place }) => place === 'rear')).toBe(
      false,
    );
    expect(at(begin('cable-set', { picks: { rear: 'turned' } }), 'rear').isTurned).toBe(true);
  });

  it('refuses a wrong crimp and names the right one', () => {
    const rig = changed(begin('cable-set'), 'crimp', { part: named('Crimp 2.0 mm') });
    expect(finding(rig, 'crimp-wrong')).toMatchObject({ wantMm: 1.2, right: { name: 'Crimp 1.2 mm' } });
    // Where the maker tried another, that one is right.
    const tried = [
      { table: 'crimp-by-cable', from: 0.4, to: 0.5, takes: 2, basis: 'tried' } as const,
      ...TYPICAL_MATCHES,
    ];
    expect(judgeRig(rig, shelf, tried).findings.map(({ code }) => code)).not.toContain('crimp-wrong');
  });

  it('refuses tubes too small, too loose, on the bend, and a front one no longer than the rear', () => {
    const rig = begin('cable-set', { wants: { lureMm: 150 } });
    const small = changed(rig, 'front-tube', { part: named('Shrink tube 1.6 mm') });
    expect(finding(small, 'tube-small')).toMatchObject({ right: { name: 'Shrink tube 3.2 mm' } });
    const loose = changed(rig, 'front-tube', { part: named('Shrink tube 6.4 mm') });
    expect(finding(loose, 'tube-loose')).toMatchObject({ shrunkMm: expect.closeTo(2.133, 3) });
    expect(codes(changed(rig, 'front-tube', { lengthMm: 60 }))).toContain('tube-on-bend');
    expect(codes(changed(rig, 'front-tube', { lengthMm: 10 }))).toContain('tube-order');
  });

  it('tells of hooks that meet and of odd spacing', () => {
    const rig = begin('cable-set');
    expect(codes(changed(rig, 'between', { lengthMm: 20 }))).toEqual(
      expect.arrayContaining(['hooks-meet', 'spacing-odd']),
    );
  });

  it('names the weakest link and what would hold', () => {
    const rig = begin('cable-set', { wants: { loadKgf: 12 } });
    const weak = { ...rig, wants: { ...rig.wants, loadKgf: 15 } };
    expect(finding(weak, 'too-weak')).toMatchObject({
      weakest: 'Barrel swivel #10',
      right: { name: 'Barrel swivel #8' },
    });
  });

  it('cuts each line for its loops: back through the crimp with a tag as long', () => {
    const rig = begin('cable-set', { wants: { leadMm: 60, loopMm: 12 } });
    const crimpMm = at(rig, 'crimp').part.gauge.sizes.lengthMm!;
    const [lead] = cutsOfRig(rig, () => null);
    expect(lead!.cutMm).toBe(Math.ceil(60 + 2 * (12 + crimpMm)));
    const [own] = cutsOfRig(rig, (end) => (end === 'crimp-loop' ? 25.5 : null));
    expect(own!.cutMm).toBe(111);
  });
});

describe('an assist hook', () => {
  it('hangs about half way, or is told it hangs low', () => {
    const rig = begin('assist', { wants: { jigMm: 160, bodyMm: 16, hangPercent: 45 } });
    expect(assistReach(rig)).toBeCloseTo(72, 0);
    expect(codes(rig)).toEqual([]);
    expect(codes(begin('assist', { wants: { jigMm: 160, hangPercent: 70 } }))).toContain('hangs-low');
  });

  it('is caught where its gape fouls, and the next sizes are offered', () => {
    const rig = begin('assist', { wants: { bodyMm: 16 }, chosen: { hook: named('Assist hook 3/0') } });
    expect(finding(rig, 'gape-fouls')).toMatchObject({
      gapeMm: 16.2,
      smaller: { name: 'Assist hook 1/0' },
      larger: { name: 'Rig hook, wide 4/0' },
    });
  });

  it('is told what the least cord does, where the wish would take less', () => {
    const rig = begin('assist', { wants: { jigMm: 60, bodyMm: 10, hangPercent: 20 } });
    expect(at(rig, 'cord').lengthMm).toBe(8);
    const least = finding(rig, 'cord-least');
    expect(least).toMatchObject({ leastMm: 8, wishedMm: 12 });
    expect(least?.code === 'cord-least' && least.reachMm).toBeCloseTo(assistReach(rig), 9);
  });

  it('takes rings that nobody tested: their strength is not known, they are not missing', () => {
    const untested = shelf.map((piece) => {
      if (piece.gauge.as !== 'solid') return piece;
      const { breakKgf, ...sizes } = piece.gauge.sizes;
      expect(breakKgf).toBeGreaterThan(0);
      return { ...piece, gauge: { ...piece.gauge, sizes } };
    });
    const rig = beginRig('assist', untested, TYPICAL_MATCHES);
    const found = judgeRig(rig, untested, TYPICAL_MATCHES).findings;
    expect(found.filter(({ code }) => code === 'missing')).toEqual([]);
    expect(found.find(({ code }) => code === 'unknown-strength')).toMatchObject({
      weight: 'mind',
      names: [at(rig, 'solid').part.name],
    });
  });

  it('takes over the measures of the jig it is for', () => {
    const { goesOn } = findRigKind('assist');
    const jig = {
      ...named('Assist hook 3/0'),
      gauge: { ...PLAIN_GAUGE, as: 'lure', basis: 'measured' },
    } as const;
    expect(goesOn?.wantsOf({ ...jig, gauge: { ...jig.gauge, sizes: { lengthMm: 90, bodyMm: 14 } } })).toEqual(
      { jigMm: 90, bodyMm: 14 },
    );
    expect(goesOn?.wantsOf({ ...jig, gauge: { ...jig.gauge, sizes: {} } })).toEqual({});
  });

  it('goes straight to the split ring where it is asked to', () => {
    const rig = begin('assist', { picks: { joint: 'split' } });
    expect(rig.items.map(({ place }) => place)).not.toContain('solid');
  });
});

describe('weights in cord', () => {
  it('has the count that comes nearest, and a cord that holds it', () => {
    expect(shotFor(30, 1.26, 0.2)).toBe(24);
    expect(shotFor(0.1, 1.26, 0)).toBe(1);
    expect(cordLength(24, 6, 8)).toBe(160);
    const rig = begin('shot-cord', { wants: { targetG: 30 } });
    expect(Math.abs(weighRig(rig).massG - 30)).toBeLessThan(0.7);
    expect(at(rig, 'cord').part.name).toBe('Hollow cord 6.5 mm');
  });

  it('refuses shot too thick for its cord and more than fits between the seals', () => {
    const rig = begin('shot-cord');
    expect(codes(changed(rig, 'cord', { part: named('Hollow cord 4.5 mm') }))).toContain('hole-small');
    expect(codes(changed(rig, 'shot', { count: 40 }))).toEqual(
      expect.arrayContaining(['hole-small', 'off-weight']),
    );
  });
});

describe('rings and hooks on a lure', () => {
  const titles = (picks: Record<string, string>) =>
    findRigKind('hook-change')
      .steps(factsOfRig(begin('hook-change', { picks }), [], String))
      .map(({ title }) => title);

  it('takes off what is on it, and nothing where nothing is', () => {
    const off = titles({});
    expect(off.filter((title) => title.startsWith('Find the seam'))).toHaveLength(2);
    expect(off.filter((title) => title === 'Wind the old ring off')).toHaveLength(2);
    expect(titles({ old: 'bare' }).join(' ')).not.toMatch(/old|seam/);
  });

  it('works at the hangers it is asked to, with a ring at the head or a blade on the tail', () => {
    expect(titles({ old: 'bare', hangers: 'belly' }).join(' ')).not.toMatch(/tail/);
    expect(titles({ old: 'bare', hangers: 'one' }).join(' ')).not.toMatch(/belly/);
    expect(titles({ old: 'bare', nose: 'ring' })[0]).toMatch(/into the head hanger/);
    const bladed = begin('hook-change', { picks: { tail: 'blade' } });
    expect(at(bladed, 'blade').part.gauge.as).toBe('blade');
    expect(bladed.items.map(({ place }) => place)).not.toContain('tail');
  });
});

describe('other kinds', () => {
  it('tell of droppers that reach each other', () => {
    expect(codes(begin('dropper', { wants: { dropMm: 300 } }))).toContain('hooks-meet');
    expect(
      begin('dropper', { wants: { droppers: 4 } }).items.filter(({ place }) => place === 'hook'),
    ).toHaveLength(4);
    expect(begin('dropper', { picks: { join: 'loop' } }).items.map(({ place }) => place)).toContain('ring');
  });

  it('tell of two lines that meet without a knot, and of a bead too tight', () => {
    const leader = begin('leader');
    expect(codes(changed(leader, 'bumper', { ends: ['plain', 'knot'] }))).toContain('lines-meet');
    const runner = begin('running-sinker', { picks: { way: 'fixed' } });
    expect(runner.items.map(({ place }) => place)).toContain('upper-stop');
    const tight = { ...named('Bead, brass 2.4 mm') };
    const bead = { ...tight, gauge: { ...tight.gauge, sizes: { diameterMm: 2.4, holeMm: 0.3 } } };
    expect(codes(changed(runner, 'bead', { part: bead }))).toContain('hole-small');
  });

  it('reckon hair and floss', () => {
    expect(bundleGrams(6, 75)).toBeCloseTo((Math.PI / 4) * 36 * 0.75 * 75 * 1.3e-3, 9);
    // Trimmed to 60, 15 trimmed off, and a quarter of it all forward: 75 is three quarters.
    expect(hairLength({ hairMm: 60, spareMm: 15 }, {})).toBe(75);
    expect(hairLength({ hairMm: 60, spareMm: 15 }, { forward: 'quarter' })).toBe(100);
    const titlesOf = (wishes: Parameters<typeof begin>[1]) =>
      findRigKind('hair-lure')
        .steps(factsOfRig(begin('hair-lure', wishes), [], String))
        .map(({ title, how }) => `${title} ${how}`)
        .join(' ');
    const bare = titlesOf({ wants: { wraps: 0, knots: 3 } });
    expect(bare).not.toMatch(/Wind|bulb|belly|forward/);
    expect(bare).toMatch(/Overhand knots/);
    expect(titlesOf({ picks: { colors: 'beside' } })).toMatch(/beside it .*to the left, half to the right/);
    expect(titlesOf({ picks: { forward: 'third' } })).toMatch(/a third of its length forward/);
    expect(titlesOf({ picks: { bulb: 'yes' } })).toMatch(
      /Wet .* over it.*Cut the tip of the bulb.*Lay the hair/,
    );
    expect(flossLength(6, 14, 4)).toBe(Math.round(Math.PI * 6 * 14 + 48 + 160));
    const two = begin('hair-lure', { picks: { colors: 'two', bulb: 'yes' } });
    expect(two.items.map(({ place }) => place)).toEqual(expect.arrayContaining(['belly', 'bulb']));
  });

  it('tie hair on a weight, back and belly of two hairs', () => {
    const two = begin('hair-lure', { picks: { colors: 'two' } });
    expect(at(two, 'head').part.gauge.as).toBe('weight');
    expect(Math.abs((at(two, 'head').part.massG ?? 0) - 5)).toBeLessThan(1);
    expect(at(two, 'belly').part.binId).not.toBe(at(two, 'hair').part.binId);
    // Where only one hair lies there, it is both.
    const onlyOne = shelf.filter(({ gauge, name }) => gauge.as !== 'hair' || name === 'Hair, white');
    const same = beginRig('hair-lure', onlyOne, TYPICAL_MATCHES, { picks: { colors: 'two' } });
    // The same hair twice is no second color.
    expect(same.items.map(({ place }) => place)).not.toContain('belly');
    expect(judgeRig(same, onlyOne, TYPICAL_MATCHES).findings).toContainEqual(
      expect.objectContaining({ code: 'missing', what: 'second hair' }),
    );
  });

  it('tell of hooks on a lure that reach each other', () => {
    expect(codes(begin('hook-change', { wants: { apartMm: 20 } }))).toContain('hooks-meet');
    expect(codes(begin('hook-change', { wants: { apartMm: 20 }, picks: { hangers: 'one' } }))).not.toContain(
      'hooks-meet',
    );
    const foul = begin('hook-change', { wants: { bodyMm: 14 }, chosen: { tail: named('Treble 1/0') } });
    expect(codes(foul)).toContain('gape-fouls');
  });

  it('leave a hair out of the strength, and lay the float and its shot down the line', () => {
    const feeder = begin('feeder');
    expect(judgeRig(feeder, shelf, TYPICAL_MATCHES).strength?.weakest).not.toContain('Hair braid');
    const bulk = begin('float-rig', { picks: { float: 'slider', shotting: 'bulk' } });
    expect(at(bulk, 'shot').count).toBe(4);
    const laid = layRig(bulk).items;
    expect(laid.find(({ item }) => item.place === 'float')?.fromMm).toBe(120);
  });

  it('hang a feeder beside the line from what runs on it', () => {
    const through = layRig(begin('feeder'));
    expect(through.branches).toHaveLength(1);
    const beside = begin('feeder', { picks: { path: 'beside' } });
    expect(at(beside, 'body').on).toBe('bead');
    expect(layRig(beside).branches.map(({ on }) => on)).toEqual(['bead', 'hook']);
  });

  it('know what nobody measured', () => {
    const rig = begin('cable-set');
    const blank = { ...at(rig, 'top').part, gauge: { ...at(rig, 'top').part.gauge, sizes: { lengthMm: 8 } } };
    expect(finding(changed(rig, 'top', { part: blank }), 'unknown-strength')).toMatchObject({
      names: [blank.name],
    });
    const bare = { ...at(rig, 'crimp').part, gauge: { ...at(rig, 'crimp').part.gauge, sizes: {} } };
    expect(codes(changed(rig, 'crimp', { part: bare }))).toContain('not-measured');
  });
});
