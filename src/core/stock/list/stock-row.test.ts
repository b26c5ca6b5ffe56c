import fc from 'fast-check';
import { guessColumns, readAmount, readNumber, readPrice, readStockRow, type KnownBin } from './stock-row';

const COLUMNS = { name: 0, sort: null, amount: 1, price: 2, per: 3, place: null, low: 4, note: null };
const BINS = new Map<string, KnownBin>([
  ['hook 2/0', { id: 'h', name: 'Hook 2/0', unit: 'pieces' }],
  ['lot 1', { id: 'm', name: 'Lot 1', unit: 'g' }],
]);
const read = (...cells: string[]) => readStockRow(cells, COLUMNS, BINS);
const codes = (...cells: string[]) => {
  const result = read(...cells);
  return result.ok ? [] : result.problems.map(({ code }) => code);
};

describe('readNumber', () => {
  it('reads thousands and decimals as people write them', () => {
    expect(['1,200', '1 200.5', '0,5', '.5', '12', '1.234.567,8', '-3'].map(readNumber)).toEqual([
      1200, 1200.5, 0.5, 0.5, 12, 1234567.8, -3,
    ]);
    expect(['', 'ten', '1/2', '1,2,3', '12a'].map(readNumber)).toEqual([null, null, null, null, null]);
  });

  it('reads back what it is given', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e6 }), (whole) => {
        expect(readNumber(String(whole))).toBe(whole);
        expect(readNumber(whole.toLocaleString('en-US'))).toBe(whole);
      }),
    );
  });
});

describe('readAmount', () => {
  it('reads pieces, dozens, weights and lengths', () => {
    expect(readAmount('25 pcs', 'pieces')).toEqual({ qty: 25, unit: 'pieces' });
    expect(readAmount('2 doz', 'pieces')).toEqual({ qty: 24, unit: 'pieces' });
    expect(readAmount('1.5 kg', 'pieces')).toEqual({ qty: 1500, unit: 'g' });
    expect(readAmount('50 m', 'pieces')).toEqual({ qty: 50_000, unit: 'mm' });
    expect(readAmount('12', 'g')).toEqual({ qty: 12, unit: 'g' });
    expect(readAmount('a few', 'pieces')).toBeNull();
  });

  it('never throws, whatever stands there', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const amount = readAmount(text, 'pieces');
        if (amount) expect(Number.isFinite(amount.qty)).toBe(true);
      }),
    );
  });
});

describe('readPrice', () => {
  it('takes any sign of money', () => {
    expect(['€ 3,40', '$1,250.00', '12 kr', '0.09'].map(readPrice)).toEqual([3.4, 1250, 12, 0.09]);
    expect(readPrice('free')).toBeNull();
  });
});

describe('readStockRow', () => {
  it('finds the bin by its name, and the price for one', () => {
    expect(read('HOOK 2/0', '50', '€ 6.00', '25', '10')).toEqual({
      ok: true,
      row: {
        binId: 'h',
        name: 'HOOK 2/0',
        unit: 'pieces',
        qty: 50,
        unitCost: 0.24,
        lowAt: 10,
        sort: '',
        place: '',
        note: '',
      },
    });
    expect(read('Lot 1', '2 lb')).toMatchObject({ ok: true, row: { binId: 'm', unit: 'g' } });
    expect(read('Cable', '10 m')).toMatchObject({ ok: true, row: { binId: null, unit: 'mm', qty: 10_000 } });
  });

  it('never prices a length or a weight by the millimeter or the gram unless the row says so', () => {
    const cost = (...cells: string[]) => {
      const result = read(...cells);
      return result.ok ? result.row.unitCost : null;
    };
    expect(cost('Leader', '5 m', '3.50')).toBeCloseTo(3.5 / 5000, 12);
    expect(cost('Leader', '50 m', '3.50', '5')).toBeCloseTo(3.5 / 5000, 12);
    expect(cost('Leader', '150 yd', '18', '150 yd')).toBeCloseTo(18 / 137_160, 12);
    expect(cost('Lead', '10 lb', '22', '1')).toBeCloseTo(22 / 453.59237, 9);
    expect(cost('Leader', '100 ft', '0.02', '1 mm')).toBe(0.02);
    expect(cost('Bead', '2 doz', '0.04')).toBe(0.04);
  });

  it('knows what sellers call the pack that a price is for', () => {
    for (const head of ['Price per', 'Price is for', 'Qty/pack']) {
      expect(guessColumns(['Item', 'Qty', 'Price', head])).toMatchObject({ price: 2, per: 3, amount: 1 });
    }
  });

  it('says everything that is wrong with a row', () => {
    expect(codes('', '')).toEqual(['row.no-name', 'row.no-amount']);
    expect(codes('Bead', 'some', 'dear', 'x', 'y')).toEqual([
      'row.amount-unread',
      'row.price-unread',
      'row.price-unread',
      'row.low-unread',
    ]);
    expect(codes('Bead', '2.5')).toEqual(['row.not-whole']);
    expect(codes('Bead', '-2')).toEqual(['row.below-zero']);
    expect(codes('Hook 2/0', '3 kg')).toEqual(['row.other-unit']);
    expect(codes('x'.repeat(121), '1')).toEqual(['row.name-too-long']);
  });
});

describe('guessColumns', () => {
  it('knows the usual heads, whole ones first', () => {
    expect(guessColumns(['Pack size', 'Article', 'Unit price', 'Quantity in stock', 'Drawer'])).toMatchObject(
      { name: 1, amount: 3, price: 2, per: 0, place: 4, low: null, sort: null },
    );
    expect(guessColumns([]).name).toBeNull();
  });
});
