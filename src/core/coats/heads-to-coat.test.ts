import { countCoated, countUsedBare, headsToCoat } from './heads-to-coat';

const LINE = { id: 'line', ticketId: 'ticket', coatId: 'straw' };
const isBare = (binId: string) => binId === 'bare';
const entry = (binId: string, qty: number, kind = 'made', lineId: string | null = 'line') => ({
  binId,
  qty,
  kind,
  lineId,
});

describe('headsToCoat', () => {
  it('is what a line holds of bare heads and hangs on no rack', () => {
    const entries = [entry('bare', 20), entry('bare', -6, 'coated'), entry('coated', 6, 'coated')];
    const hung = { headBinId: 'bare', coatId: 'straw', lineId: 'line' };
    expect(headsToCoat([LINE], entries, isBare, [hung, hung, { ...hung, lineId: null }])).toEqual([
      { headBinId: 'bare', coatId: 'straw', ticketId: 'ticket', lineId: 'line', count: 12 },
    ]);
    expect(countCoated(entries, isBare).get('line')).toBe(6);
  });

  it('is nothing for heads that went into baits without their color', () => {
    const built = [entry('bare', 6), entry('bare', -6, 'taken'), entry('bare', 2, 'returned')];
    expect(headsToCoat([LINE], built, isBare, [])[0]?.count).toBe(2);
    expect(countUsedBare(built, isBare).get('line')).toBe(4);
    expect(countUsedBare([entry('coated', -4, 'taken')], isBare).get('line')).toBeUndefined();
  });

  it('is nothing for lines that stay bare, and for what is coated or handed over', () => {
    expect(headsToCoat([{ ...LINE, coatId: null }], [entry('bare', 20)], isBare, [])).toEqual([]);
    const gone = [entry('bare', 4), entry('bare', -4, 'taken'), entry('bare', 9, 'made', 'other')];
    expect(headsToCoat([LINE], gone, isBare, [])).toEqual([]);
    // A coat that was stripped waits again.
    const again = [entry('bare', 1), entry('bare', -1, 'coated'), entry('coated', 1, 'coated')];
    const back = [entry('bare', 1, 'coated'), entry('coated', -1, 'coated')];
    expect(headsToCoat([LINE], again, isBare, [])).toEqual([]);
    expect(headsToCoat([LINE], [...again, ...back], isBare, [])[0]?.count).toBe(1);
    expect(countCoated([...again, ...back], isBare).get('line')).toBe(0);
  });
});
