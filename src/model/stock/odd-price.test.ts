import { demoBench } from '@/demo/demo-bench';
import { findThingKind } from '@/reference/typical';
import type { StockRow } from '@/core/stock/list/stock-row';
import { oddPrice, oddRows } from './odd-price';
import { typicalThing } from './typical-things';

const { bins } = demoBench(Date.UTC(2026, 10, 23, 12));
const leader = typicalThing(['nylon-line', '20'], 'mm').bin;
const bead = typicalThing(['glass-bead', '4'], 'mm').bin;

const row = (to: Partial<StockRow>): StockRow => ({
  binId: null,
  name: 'Leader',
  sort: '',
  unit: 'mm',
  qty: 5000,
  unitCost: null,
  place: '',
  lowAt: null,
  note: '',
  ...to,
});

describe('oddPrice', () => {
  it('asks about what makes one a hundred times as dear as others like it', () => {
    expect(oddPrice(0.7, leader, bins)?.times).toBeGreaterThan(100);
    expect(oddPrice(3.5 / 5000, leader, bins)).toBeNull();
    expect(oddPrice(0.03, bead, bins)).toBeNull();
    expect(oddPrice(12.5, bead, bins)?.times).toBeGreaterThan(100);
  });

  it('where nothing alike was priced yet, asks about what is dearer than any such thing', () => {
    expect(oddPrice(0.7, leader, [])?.times).toBeGreaterThan(1);
    expect(oddPrice(0.004, leader, [])).toBeNull();
    expect(oddPrice(12, bead, [])).toBeNull();
    expect(oddPrice(260, bead, [])?.times).toBeCloseTo(5.2, 9);
  });
});

describe('oddRows', () => {
  it('finds the trap in a list: a price for a roll that reads as one for a millimeter', () => {
    const rows = [row({ unitCost: 3.5 / 5000 }), row({ unitCost: 3.5 }), row({ unitCost: null })];
    expect(oddRows(rows, bins).map(({ row: { unitCost } }) => unitCost)).toEqual([3.5]);
  });

  it('holds a row against the bin that it is for', () => {
    const beads = bins.find(({ name }) => name === 'Bead, glass red 4 mm')!;
    const own = row({ binId: beads.id, unit: 'pieces', unitCost: 6 });
    expect(oddRows([own], bins)).toHaveLength(1);
    expect(oddRows([{ ...own, unitCost: 0.06 }], bins)).toHaveLength(0);
    expect(findThingKind('glass-bead').pack).toBe(100);
  });
});
