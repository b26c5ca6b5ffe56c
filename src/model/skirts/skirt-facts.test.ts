import { demoBench } from '@/demo/demo-bench';
import type { SkirtLayerRecord } from '@/records/skirt';
import { viewOf } from '../../../tests/support/view-of';
import { jigOf } from '@/station-kit/looks/jig-look';
import { strandLook } from '@/ui/skirt-drawing/strand-look';
import { layersOf, materialOf, piecesOf, skirtMassOf, tabsOf, takeOf } from './skirt-facts';
import { amountOfText, piecesText, placeText, shortName, tabsText } from '@/text/skirt-words';
import { versionText } from '../versions/version-text';

const view = viewOf(demoBench(Date.UTC(2026, 10, 23, 12)));
const skirt = (name: string) => {
  const found = view.skirts.filter((each) => each.name === name).sort((a, b) => b.version - a.version)[0];
  if (!found) throw new Error(`no ${name}`);
  return found;
};

describe('words', () => {
  it('say tabs as halves and quarters, and what is neither in figures', () => {
    expect([0.25, 0.5, 1, 2.75, 1.35, 0].map(tabsText)).toEqual(['¼', '½', '1', '2 ¾', '1.35', '0']);
  });

  it('say pieces as they lie there', () => {
    expect(piecesText([])).toBe('none');
    expect(
      piecesText([
        { share: 1, count: 9 },
        { share: 0.5, count: 1 },
        { share: 0.25, count: 2 },
        { share: 0.4, count: 3 },
      ]),
    ).toBe('9 whole, a half, 2 quarters, 3 of 0.4 tab');
  });

  it('say places and amounts', () => {
    expect((['round', 'top', 'below', 'left', 'right'] as const).map((at) => placeText({ at }))).toEqual([
      'all round',
      'on top',
      'below',
      'on the left',
      'on the right',
    ]);
    expect(placeText({ at: 'angles', fromDeg: 300, toDeg: 60 })).toBe('from 300° to 60°');
    const amounts: SkirtLayerRecord['amount'][] = [
      { by: 'tabs', tabs: 0.5 },
      { by: 'tabs', tabs: 2.5 },
      { by: 'strands', strands: 1 },
      { by: 'strands', strands: 12 },
      { by: 'bundle', diameterMm: 2.6 },
      { by: 'bunches', bunches: 1 },
      { by: 'bunches', bunches: 2 },
    ];
    expect(amounts.map((amount) => amountOfText(amount, 'mm'))).toEqual([
      '½ tab',
      '2 ½ tabs',
      '1 strand',
      '12 strands',
      'a bundle of 2.6 mm',
      '1 bunch',
      '2 bunches',
    ]);
    expect(shortName({ name: 'Fine tab, reed green' })).toBe('reed green');
    expect(versionText({ name: 'Reed perch', version: 3 })).toBe('Reed perch 3');
  });
});

describe('facts', () => {
  const perch = skirt('Reed perch');

  it('count strands by tabs and by how thick a bundle is, and leave out what is gone', () => {
    const tabs = layersOf(perch, view);
    expect(tabs).toHaveLength(perch.layers.length);
    expect(tabs.every(({ strands }) => strands > 0)).toBe(true);
    const gone = { ...perch, layers: [{ ...perch.layers[0]!, binId: 'gone' }, ...perch.layers.slice(1)] };
    expect(layersOf(gone, view)).toHaveLength(perch.layers.length - 1);
    expect(materialOf({ binId: 'gone' }, view)).toBeNull();
    const hair = layersOf(skirt('Winter hair'), view);
    expect(hair[0]!.strands).toBeGreaterThan(100);
  });

  it('take tabs by pieces and hair by weight', () => {
    const straw = view.bins.find((bin) => bin.id === 'tab-straw');
    const hair = view.bins.find((bin) => bin.id === 'hair-straw');
    if (straw?.kind !== 'strand' || hair?.kind !== 'strand') throw new Error('both are materials');
    expect(takeOf({ amount: { by: 'tabs', tabs: 0.75 }, lengthMm: 60 }, straw)).toBeCloseTo(0.75, 12);
    expect(takeOf({ amount: { by: 'strands', strands: 10 }, lengthMm: 60 }, straw)).toBeCloseTo(0.5, 12);
    const long = takeOf({ amount: { by: 'bundle', diameterMm: 3 }, lengthMm: 80 }, hair);
    expect(long).toBeCloseTo(2 * takeOf({ amount: { by: 'bundle', diameterMm: 3 }, lengthMm: 40 }, hair), 9);
    expect(tabsOf(perch, view)).toBeGreaterThan(1);
    expect(tabsOf(skirt('Winter hair'), view)).toBe(0);
  });

  it('weigh a skirt, unless some of it was never weighed', () => {
    expect(skirtMassOf(perch, view)).toBeGreaterThan(0.5);
    const binById = new Map(
      [...view.binById].map(
        ([id, bin]) => [id, bin.kind === 'strand' ? { ...bin, massG: null } : bin] as const,
      ),
    );
    expect(skirtMassOf(perch, { binById })).toBeNull();
  });

  it('tell whole tabs from what is left of cut ones', () => {
    const levels = new Map([['t', 5.75]]);
    const cut = (qty: number, pieceShare: number) => ({
      ...view.cutEntries[0]!,
      binId: 't',
      qty,
      pieceShare,
    });
    const pieces = piecesOf('t', { levels, cutEntries: [cut(0.5, 0.5), cut(0.25, 0.25)] });
    expect(pieces).toEqual([
      { share: 1, count: 5 },
      { share: 0.5, count: 1 },
      { share: 0.25, count: 1 },
    ]);
  });
});

describe('how a recipe looks', () => {
  const perch = skirt('Reed perch');

  it('is drawn on its own head, or on the one it is chosen for', () => {
    const own = jigOf(perch, view)!;
    expect(own.layers).toHaveLength(perch.layers.length);
    expect(own.looks).toHaveLength(perch.layers.length);
    const heavy = jigOf(perch, view, { style: 'football', nominalG: 28 })!;
    expect(heavy.head.bodyBox.width).toBeGreaterThan(own.head.bodyBox.width);
    expect(jigOf(perch, view, { style: 'kite' })).toBeNull();
  });

  it('wears a collar where its hold takes one, and the one it is chosen with', () => {
    expect(jigOf(perch, view)!.collarHex).toMatch(/^#/);
    expect(jigOf({ ...perch, hold: 'wire' }, view)!.collarHex).toBeNull();
    const [one, other] = ['part-collars-1', 'part-collars-4'].map(
      (collarBinId) => jigOf(perch, view, { collarBinId })!.collarHex,
    );
    expect(one).not.toBe(other);
  });

  it('draws hair in locks, as thick in all as it is', () => {
    const winter = skirt('Winter hair');
    const [drawn] = jigOf(winter, view)!.layers;
    const [true_] = layersOf(winter, view);
    expect(drawn!.strands).toBe(60);
    expect(drawn!.strands * drawn!.strandWidthMm).toBeCloseTo(true_!.strands * true_!.strandWidthMm, 9);
  });

  it('lets light through what is clear', () => {
    const frost = view.bins.find((bin) => bin.id === 'tab-frost');
    const eel = view.bins.find((bin) => bin.id === 'tab-night-eel');
    if (frost?.kind !== 'strand' || eel?.kind !== 'strand') throw new Error('both are tabs');
    expect([strandLook(frost).opacity, strandLook(eel).opacity]).toEqual([0.75, 1]);
    expect(strandLook(frost).tones).toHaveLength(3);
  });
});
