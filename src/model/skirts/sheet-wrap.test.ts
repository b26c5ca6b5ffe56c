import { wrapSheet } from '@/core/skirts/wrap-sheet';
import type { Skirt } from '@/records/skirt';
import { usualWrap, withWrap } from './sheet-wrap';
import { takeOf } from './skirt-facts';

const bin = (id: string, form: 'sheet' | 'tab', strandWidthMm: number) => ({
  id,
  kind: 'strand',
  form,
  unit: 'pieces',
  strandWidthMm,
  strandsPerTab: 24,
});
const view = {
  binById: new Map([bin('sheet', 'sheet', 3), bin('tab', 'tab', 1)].map((each) => [each.id, each])),
} as never;
const layer = (binId: string, at: 'round' | 'top' = 'round') => ({
  id: binId + at,
  binId,
  amount: { by: 'tabs', tabs: 1 },
  place: { at },
  lengthMm: 60,
  isShort: false,
  isForward: false,
});
const draft = {
  layers: [layer('sheet'), layer('sheet', 'top'), layer('tab')],
  wrap: null,
  shownOn: { style: 'football', nominalG: 10 },
} as unknown as Pick<Skirt, 'layers' | 'shownOn' | 'wrap'>;

describe('a sheet wrapped round a head', () => {
  const wrap = { headDiameterMm: 12, legWidthMm: 3, maxStretch: 0.1 };

  it('has as many legs as go round, and nothing else of the recipe is changed', () => {
    const wrapped = withWrap(draft, wrap, view);
    expect(wrapSheet(12, 3, 0.1).legs).toBe(12);
    expect(wrapped.layers.map(({ amount }) => amount)).toEqual([
      { by: 'strands', strands: 12 },
      { by: 'tabs', tabs: 1 },
      { by: 'tabs', tabs: 1 },
    ]);
    // Twelve legs of a sheet of 24 are half of it, not the whole.
    expect(takeOf(wrapped.layers[0]!, { ...bin('sheet', 'sheet', 3) } as never)).toBe(0.5);
  });

  it('is drawn on a head as large', () => {
    expect(withWrap(draft, wrap, view).shownOn).toMatchObject({ style: 'round', nominalG: 10 });
    const large = withWrap(draft, { ...wrap, headDiameterMm: 36 }, view).shownOn;
    expect(large.nominalG / 10).toBeCloseTo(27, 0);
  });

  it('begins with legs as wide as the sheet is cut, and leaves a recipe as it is where no leg goes round', () => {
    expect(usualWrap({ layers: draft.layers }, view).legWidthMm).toBe(3);
    const none = withWrap(draft, { ...wrap, legWidthMm: 50 }, view);
    expect(none.layers).toEqual(draft.layers);
  });
});
