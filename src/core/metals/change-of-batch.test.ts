import { rangeOf } from '../../reference/range-of';
import { changeOfBatch } from './change-of-batch';

const LEAD = { Pb: 1 };
const HARD = { Pb: 0.96, Sb: 0.04 };
const PEWTER = { Sn: 0.92, Sb: 0.06, Cu: 0.02 };
const BISMUTH = { Bi: 0.58, Sn: 0.42 };
const solidusOf = (composition: Readonly<Record<string, number>>) => rangeOf(composition)?.solidusC ?? null;
const charge = (...lots: (readonly [composition: Record<string, number> | null, g: number])[]) =>
  changeOfBatch(
    lots.map(([composition, g], at) => ({ name: `Lot ${at + 1}`, composition, g })),
    solidusOf,
  );

describe('what a charge makes of a batch', () => {
  it('stops what passed in silence: bismuth-tin into lead, lead into pewter, lead into bismuth-tin', () => {
    expect(charge([LEAD, 4000], [BISMUTH, 400])).toMatchObject({
      into: 'Lot 1',
      added: ['Lot 2'],
      from: { solidusC: 327.5 },
      to: { solidusC: 95 },
    });
    expect(charge([PEWTER, 4000], [LEAD, 110])).toMatchObject({
      from: { family: 'tin', solidusC: 227, bearsC: 202 },
      to: { family: 'lead', solidusC: 183, bearsC: 158 },
    });
    expect(charge([BISMUTH, 980], [LEAD, 20])).toMatchObject({ to: { family: 'lead', solidusC: 95 } });
  });

  it('counts what most of it is as the batch, whichever went in first', () => {
    expect(charge([LEAD, 110], [PEWTER, 4000])).toMatchObject({ into: 'Lot 2', added: ['Lot 1'] });
  });

  it('lets through what stays the same metal to a pot and an oven', () => {
    expect(charge([HARD, 3000], [{ Pb: 0.94, Sb: 0.06 }, 2000])).toBeNull();
    expect(charge([LEAD, 3000], [LEAD, 500])).toBeNull();
    // Ten degrees and no more: 327.5 to 252 is 75.5 over 3.5 % of antimony.
    expect(charge([LEAD, 3000], [{ Pb: 0.995, Sb: 0.005 }, 3000])).toBeNull();
    expect(charge([LEAD, 3000], [HARD, 3000])).toMatchObject({ to: { family: 'lead' } });
  });

  it('calls tin with a trace of lead lead-free no more, though it melts alike', () => {
    expect(charge([{ Sn: 1 }, 998], [LEAD, 2])).toMatchObject({ to: { family: 'lead', solidusC: 231.9 } });
  });

  it('says nothing of one lot, of nothing, and of what nobody knows', () => {
    expect(charge([LEAD, 4000])).toBeNull();
    expect(charge([LEAD, 4000], [BISMUTH, 0])).toBeNull();
    expect(charge([LEAD, 4000], [null, 400])).toBeNull();
    expect(charge()).toBeNull();
  });
});
