import { stuffOfMetal } from '../stock/clashes';
import { bearsZinc } from './bears-zinc';
import { ZINC_SHARE } from './metal-family';
import { judgeCharge } from './judge-charge';
import { rankMetal } from './order-metals';

/** A lead lot with some zinc in it. */
const spoiled = (Zn: number) => ({ Pb: 1 - Zn, Zn });

describe('bearsZinc', () => {
  it('begins over a tenth of a percent, and says nothing of what nobody knows', () => {
    expect(bearsZinc(spoiled(ZINC_SHARE))).toBe(false);
    expect(bearsZinc(spoiled(ZINC_SHARE * 1.01))).toBe(true);
    expect(bearsZinc({})).toBe(false);
    expect(bearsZinc(null)).toBe(false);
  });

  it.each([0.0005, 0.0015, 0.004, 0.008, 0.02])(
    'is the one answer of pot, evening and drawer at a share of %d',
    (share) => {
      const composition = spoiled(share);
      const lots = [
        { name: 'a', composition, g: 100 },
        { name: 'b', composition: { Pb: 1 }, g: 100 },
      ];
      const isZinc = bearsZinc(composition);
      expect(judgeCharge(lots, 1000).some(({ why }) => why === 'zinc')).toBe(isZinc);
      expect(rankMetal({ id: 'a', composition }) === 'zinc').toBe(isZinc);
      expect(stuffOfMetal(composition) === 'zinc').toBe(isZinc);
    },
  );
});
