import { demoBench } from '@/demo/demo-bench';
import { rigPieceOf } from './rig-piece';

const { bins } = demoBench(Date.UTC(2026, 10, 23, 12));

describe('rigPieceOf', () => {
  it('takes measured parts, hair and cast sinkers, and no baits, rigs, metal or jig heads', () => {
    for (const bin of bins) {
      const piece = rigPieceOf(bin);
      if (bin.kind === 'part') {
        expect(piece !== null).toBe(bin.gauge !== null && bin.buildId === null && bin.rigId === null);
      } else if (bin.kind === 'strand')
        expect(piece !== null).toBe(bin.form === 'hair' || bin.form === 'fur');
      else if (bin.kind === 'head')
        expect(piece !== null).toBe(bin.hookBinId === null && bin.skirtId === null);
      else expect(piece).toBeNull();
    }
  });

  it('sees a sinker from the rack as a ball of its weight, and says that it guessed', () => {
    const sinker = bins.find((bin) => bin.kind === 'head' && bin.hookBinId === null);
    const piece = sinker && rigPieceOf(sinker);
    expect(piece?.gauge).toMatchObject({ as: 'weight', basis: 'guess' });
    const { diameterMm = 0 } = piece!.gauge.sizes;
    expect(((Math.PI / 6) * diameterMm ** 3 * 11) / 1000).toBeCloseTo(piece!.massG!, 0);
  });
});
