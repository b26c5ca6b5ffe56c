import fc from 'fast-check';
import { findHold, HOLD_IDS, SKIRT_HOLDS } from './holds';
import type { TyingFacts } from './holds/definition';
import { MISTAKES } from './holds/mistakes';
import { countTied, headsToTie } from './heads-to-tie';
import { proposeLayers } from './propose-layers';
import { gather, pullTabs, type TabPieces } from './pull-tabs';
import { skirtMaterials } from './skirt-materials';
import { strandTones } from './strand-tones';
import { tabPieces } from './tab-pieces';
import { tailBalance } from './tail-balance';
import { wrapSheet } from './wrap-sheet';

const mass = (pieces: readonly TabPieces[]) => pieces.reduce((so, { share, count }) => so + share * count, 0);

describe('pullTabs', () => {
  const whole = (count: number): TabPieces => ({ share: 1, count });

  it('cuts ten skirts of the usual kinds from whole tabs, and says what is left', () => {
    expect(pullTabs([1], 10, [whole(34)])).toEqual({ pulled: [whole(10)], left: [], shortTabs: 0 });
    expect(pullTabs([0.25], 10, [whole(34)])).toEqual({
      pulled: [whole(3)],
      left: [{ share: 0.5, count: 1 }],
      shortTabs: 0,
    });
    expect(pullTabs([0.5], 9, [whole(9)]).left).toEqual([{ share: 0.5, count: 1 }]);
    expect(pullTabs([2.5], 1, [whole(9)])).toEqual({
      pulled: [whole(3)],
      left: [{ share: 0.5, count: 1 }],
      shortTabs: 0,
    });
  });

  it('uses what lies loose first: what fits, the smallest larger, several together', () => {
    const half = { share: 0.5, count: 1 };
    expect(pullTabs([0.5], 3, [whole(9), half]).pulled).toEqual([whole(1), half]);
    expect(pullTabs([0.25], 1, [whole(9), half])).toMatchObject({
      pulled: [half],
      left: [{ share: 0.25, count: 1 }],
    });
    expect(pullTabs([0.5], 1, [whole(9), { share: 0.25, count: 2 }])).toEqual({
      pulled: [{ share: 0.25, count: 2 }],
      left: [],
      shortTabs: 0,
    });
  });

  it('says how many tabs are missing', () => {
    expect(pullTabs([1, 0.5], 4, [whole(5)])).toMatchObject({ shortTabs: 1 });
    expect(pullTabs([1], 2, [])).toEqual({ pulled: [], left: [], shortTabs: 2 });
  });

  it('opens no more whole tabs than must be, and nothing is lost', () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(0.25, 0.5, 0.75, 1, 1.5, 2), { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 1, max: 14 }),
        fc.nat(3),
        fc.nat(3),
        fc.nat(3),
        (cuts, skirts, quarters, halves, threes) => {
          const shelf = [
            whole(200),
            { share: 0.75, count: threes },
            { share: 0.5, count: halves },
            { share: 0.25, count: quarters },
          ].filter(({ count }) => count > 0);
          const { pulled, left, shortTabs } = pullTabs(cuts, skirts, shelf);
          const asked = skirts * cuts.reduce((so, cut) => so + cut, 0);
          const loose = mass(shelf) - 200;
          const opened = pulled.find(({ share }) => share === 1)?.count ?? 0;
          expect(shortTabs).toBe(0);
          expect(mass(pulled) - mass(left)).toBeCloseTo(asked, 9);
          expect(opened).toBe(Math.max(0, Math.ceil(asked - loose - 1e-9)));
          for (const { share, count } of pulled)
            expect(count).toBeLessThanOrEqual(shelf.find((each) => each.share === share)!.count);
          expect(left.every(({ share }) => share < 1)).toBe(true);
        },
      ),
    );
  });
});

describe('tabPieces', () => {
  const cut = (qty: number, pieceShare: number) => ({ qty, pieceShare });
  const plain = (qty: number) => ({ qty, pieceShare: null });

  it('tells whole tabs from halves and quarters by the ledger', () => {
    expect(tabPieces([plain(10), plain(-3), cut(0.5, 0.5), cut(0.75, 0.25)])).toEqual([
      { share: 1, count: 7 },
      { share: 0.5, count: 1 },
      { share: 0.25, count: 3 },
    ]);
    expect(tabPieces([plain(4), cut(0.5, 0.5), cut(-0.5, 0.5)])).toEqual([{ share: 1, count: 4 }]);
  });

  it('makes a piece of what was counted broken, and takes cut ones where whole ones were not there', () => {
    expect(tabPieces([plain(2.5)])).toEqual(gather([1, 1, 0.5]));
    expect(tabPieces([plain(1), cut(1, 0.5), plain(-1.5)])).toEqual([{ share: 0.5, count: 1 }]);
    expect(tabPieces([plain(22), cut(0.25, 0.25), plain(-0.25)])).toEqual([{ share: 1, count: 22 }]);
    expect(tabPieces([])).toEqual([]);
  });

  it('holds as much as the ledger sums to', () => {
    fc.assert(
      fc.property(fc.nat(20), fc.nat(5), fc.nat(5), (wholes, halves, quarters) => {
        const pieces = tabPieces([plain(wholes), cut(halves * 0.5, 0.5), cut(quarters * 0.25, 0.25)]);
        expect(mass(pieces)).toBeCloseTo(wholes + halves * 0.5 + quarters * 0.25, 9);
      }),
    );
  });
});

describe('skirtMaterials', () => {
  it('forgives rounding: three times a third of a tab is one', () => {
    const outcome = skirtMaterials([{ material: 'a', tabs: 1 / 3 }], { a: 21 }, 3);
    expect(outcome).toMatchObject({
      ok: true,
      value: { materials: [{ tabsToPull: 1, leftoverStrands: 0 }] },
    });
  });

  it('does not take what every object has for a material’s strands', () => {
    expect(skirtMaterials([{ material: 'toString', tabs: 1 }], {}, 1)).toMatchObject({
      ok: false,
      problem: { code: 'skirt.strands-unknown', path: ['strandsPerTab', 'toString'] },
    });
  });
});

describe('wrapSheet', () => {
  it('never overlaps, never stretches by a whole leg, and forgives the last digit', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 60, noNaN: true }),
        fc.double({ min: 0.5, max: 9, noNaN: true }),
        (d, w) => {
          const { legs, stretch } = wrapSheet(d, w, 1);
          expect(legs * w).toBeLessThanOrEqual(Math.PI * d * (1 + 1e-8));
          if (legs > 0) expect(stretch!).toBeLessThan(1 / legs + 1e-9);
        },
      ),
    );
    expect(wrapSheet(30 / Math.PI, 3, 0)).toEqual({ legs: 10, stretch: expect.closeTo(0, 12), fits: true });
  });
});

describe('tailBalance', () => {
  it('is balanced by tails opposite each other, three by thirds, and not by one', () => {
    expect(tailBalance([0, 120, 240].map((angleDeg) => ({ angleDeg, massG: 0.4 })))).toEqual({
      offShare: 0,
      towardDeg: null,
      isBalanced: true,
    });
    expect(tailBalance([{ angleDeg: 90, massG: 1 }])).toMatchObject({ offShare: 1, isBalanced: false });
    const pulled = tailBalance([
      { angleDeg: 90, massG: 1.2 },
      { angleDeg: 270, massG: 1 },
    ]);
    expect(pulled.towardDeg).toBeCloseTo(90, 9);
    expect(pulled.offShare).toBeCloseTo(0.2 / 2.2, 9);
    expect(pulled.isBalanced).toBe(false);
    expect(() => tailBalance([])).toThrow(/weigh something/);
  });
});

describe('holds', () => {
  const facts: TyingFacts = {
    layers: [
      { key: 'a', says: '1 tab of reed green, all round', isForward: true, isShort: false },
      { key: 'b', says: '¼ tab of ember, all round', isForward: false, isShort: true },
    ],
    counts: {},
    heldAt: 'a third',
    hasCollar: true,
    hasTabs: true,
    hasGuard: true,
    hasRattle: true,
    sheet: null,
  };

  it('speak of tabs and of a collar only where there are some', () => {
    const said = (id: (typeof HOLD_IDS)[number], of: Partial<TyingFacts>) =>
      findHold(id)
        .steps({ ...facts, layers: [{ key: 'a', says: 'fur', isForward: true, isShort: false }], ...of })
        .map(({ title, how, mistakes }) =>
          [title, how, ...mistakes.map((each) => `${MISTAKES[each].name} ${MISTAKES[each].mend}`)].join(' '),
        )
        .join(' ');
    const fur = said('thread-hitches', { hasCollar: false, hasTabs: false });
    expect(fur).not.toMatch(/\btabs?\b|collar/i);
    expect(fur).toContain('thin side');
    expect(said('thread-hitches', { hasCollar: false })).toMatch(/folded ends of the tabs/);
    expect(said('collar-tool', {})).toMatch(/while the collar still turns/);
  });

  it('are registered once each, every one of them', () => {
    expect(new Set(HOLD_IDS).size).toBe(SKIRT_HOLDS.length);
    for (const id of HOLD_IDS) expect(findHold(id).id).toBe(id);
  });

  it.each(SKIRT_HOLDS.map((hold) => [hold.name, hold] as const))(
    '%s lays every layer once, in order',
    (_, hold) => {
      const steps = hold.steps(facts);
      const laid = steps.filter(({ id }) => id.startsWith('lay '));
      expect(laid.map(({ id }) => id)).toEqual(['lay a', 'lay b']);
      expect(laid[0]!.title).toContain('reed green');
      // What is short is cut at the very end, when it was seen how the skirt opens.
      expect(laid.some(({ how }) => /short/i.test(how))).toBe(false);
      expect(steps.at(-1)).toMatchObject({ id: 'accents', title: 'Cut the accent short' });
      expect(steps.at(-1)!.how).toContain('ember');
      expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
      // The picture never shows a layer before it is laid, and never loses one again.
      const shown = steps.map(({ shows }) => shows.layers);
      expect([...shown].sort((x, y) => x - y)).toEqual(shown);
      expect(shown.at(-1)).toBe(2);
      for (const { mistakes } of steps) for (const id of mistakes) expect(MISTAKES[id].mend).not.toBe('');
      expect(hold.checks.length).toBeGreaterThan(2);
    },
  );

  it.each([
    ['collar-tool', [/band up the shank/, /tube/], [/wrap/i, /thread/i, /wire/i, /trailer/i]],
    ['wire', [/wire/i], [/tube/i, /collar on the tube/, /trailer/i]],
    ['thread-hitches', [/wrap/i], [/tube/i, /\bband\b/i, /trailer/i]],
    [
      'cut-sheet',
      [/floss/, /relief/, /strip over the seam/],
      [/quarter tab/, /inner tail/i, /tube/i, /trailer/i, /keeper/i],
    ],
  ] as const)('the card of %s speaks of what it has, and of nothing else', (id, needed, barred) => {
    const all = findHold(id)
      .steps(facts)
      .map(({ title, how, mistakes }) =>
        [title, how, ...mistakes.flatMap((each) => [MISTAKES[each].name, MISTAKES[each].mend])].join(' '),
      );
    for (const words of needed) expect(all.some((text) => words.test(text))).toBe(true);
    for (const words of barred) expect(all.filter((text) => words.test(text))).toEqual([]);
  });

  it('a sheet has so many legs as go round, its inner tails before them, its strip last', () => {
    const sheet = (tails: number) =>
      findHold('cut-sheet')
        .steps({
          ...facts,
          layers: facts.layers.slice(0, 1),
          sheet: { legs: 12, tails, tailsSay: null, wholeSays: null },
        })
        .map(({ id, title }) => [id, title] as const);
    const bare = sheet(0);
    expect(bare[0]![1]).toBe('Measure round the head: 12 legs');
    expect(bare.map(([id]) => id)).toEqual(['measure', 'legs', 'lay a', 'floss', 'fold', 'relief', 'strip']);
    expect(bare[1]![1]).toBe('Cut 12 legs, their band left whole');
    const tailed = sheet(4).map(([id]) => id);
    expect(tailed.indexOf('tails')).toBe(1);
    expect(sheet(4)[1]![1]).toBe('Set the 4 inner tails opposite each other');
  });

  it('count what the maker set, and what is usual where nothing is set', () => {
    for (const hold of SKIRT_HOLDS) {
      for (const { id, usual } of hold.counts) {
        const of = (counts: TyingFacts['counts']) =>
          hold.steps({ ...facts, counts }).find(({ count }) => count?.of === id)!.count!.times;
        const extra = of({}) - usual;
        expect(extra).toBe(hold.id === 'hair-lure' ? 2 : 0);
        expect(of({ [id]: 7 })).toBe(7 + extra);
      }
    }
  });

  it('fold back only where something points forward', () => {
    const back = { ...facts, layers: facts.layers.map((layer) => ({ ...layer, isForward: false })) };
    expect(
      findHold('wire')
        .steps(back)
        .some(({ id }) => id === 'fold'),
    ).toBe(false);
    expect(
      findHold('wire')
        .steps(facts)
        .some(({ id }) => id === 'fold'),
    ).toBe(true);
  });
});

describe('headsToTie', () => {
  const line = { id: 'l', ticketId: 't', coatId: 'straw', skirtId: 'reed' };
  const heads = new Map([
    ['bare', { coatId: null, skirtId: null }],
    ['colored', { coatId: 'straw', skirtId: null }],
    ['dressed', { coatId: 'straw', skirtId: 'reed' }],
  ]);
  const entry = (binId: string, qty: number) => ({ binId, lineId: 'l', qty });
  const wait = (entries: ReturnType<typeof entry>[], left = 0) =>
    headsToTie([line], entries, (binId) => heads.get(binId) ?? null, [
      { lineId: 'l', headBinId: 'colored', left },
    ]);

  it('waits with heads in their color, less those being tied', () => {
    const entries = [entry('bare', 4), entry('colored', 9), entry('colored', -2), entry('dressed', 2)];
    expect(wait(entries)).toEqual([
      { headBinId: 'colored', skirtId: 'reed', ticketId: 't', lineId: 'l', count: 7 },
    ]);
    expect(wait(entries, 7)).toEqual([]);
    expect(headsToTie([{ ...line, skirtId: null }], entries, () => heads.get('colored')!, [])).toEqual([]);
  });

  it('counts what wears its skirt', () => {
    const tied = countTied([
      { kind: 'tied', lineId: 'l', qty: -3 },
      { kind: 'tied', lineId: 'l', qty: 3 },
      { kind: 'made', lineId: 'l', qty: 9 },
      { kind: 'tied', lineId: null, qty: 2 },
    ]);
    expect([...tied]).toEqual([['l', 3]]);
  });
});

describe('proposeLayers', () => {
  const materials = [
    { id: 'dark', hex: '#2b2c36' },
    { id: 'green', hex: '#5f6f35' },
    { id: 'pale', hex: '#d9d0a9' },
    { id: 'ember', hex: '#cc5522' },
  ];

  it('lays the dark on top, the pale below, the rest all round, and a spot of color short', () => {
    const layers = proposeLayers(
      [
        { hex: '#60703a', share: 0.5 },
        { hex: '#303040', share: 0.25 },
        { hex: '#dcd2b0', share: 0.2 },
        { hex: '#d05020', share: 0.05 },
      ],
      materials,
      2.5,
    );
    expect(layers.map(({ material, place, tabs, isShort }) => [material, place.at, tabs, isShort])).toEqual([
      ['green', 'round', 1.25, false],
      ['dark', 'top', 0.75, false],
      ['pale', 'below', 0.5, false],
      ['ember', 'round', 0.25, true],
    ]);
    expect(layers.every(({ deltaE }) => deltaE < 10)).toBe(true);
  });

  it('puts colors that come to one material into one layer, and makes nothing of nothing', () => {
    const alike = [
      { hex: '#5f6f35', share: 0.6 },
      { hex: '#62723a', share: 0.4 },
    ];
    expect(proposeLayers(alike, materials, 2)).toEqual([
      { material: 'green', tabs: 2, place: { at: 'round' }, isShort: false, deltaE: expect.closeTo(0, 5) },
    ]);
    expect(proposeLayers(alike, [], 2)).toEqual([]);
  });
});

describe('strandTones', () => {
  it('keeps the color between a darker and a lighter one', () => {
    const [darker, plain, lighter] = strandTones('#5f6f35');
    expect(plain).toBe('#5f6f35');
    expect(darker < plain && plain < lighter).toBe(true);
    expect(strandTones('#ffffff')[2]).toBe('#ffffff');
  });
});
