import { guessVolume } from '@/model/molds/guess-volume';
import type { CavityFacts } from './facts';
import { finishedWeight } from './finished-weight';
import { judgeCavity } from './judge-cavity';
import { frameMass, offMark } from './marked-weight';

const LEAD = { id: 'lead', densityGcm3: 11.34, shrinkLinear: 0.0089 };
const PEWTER = { id: 'pewter', densityGcm3: 7.28, shrinkLinear: 0.0048 };
const MARK_G = 10.631;
const FRAME = {
  name: 'Wire frame',
  count: 1,
  massG: 2.4,
  volumeCm3: 2.4 / 7.85,
  embeddedShare: 0.2,
  removed: false,
};
const cavity = (change: Partial<CavityFacts> = {}): CavityFacts => {
  const facts = { style: 'spinner-point', nominalG: MARK_G, hookSizes: [], hookShare: 0, inserts: [FRAME] };
  const volumeCm3 = guessVolume({ ...facts, inserts: [FRAME] });
  return { ...facts, volumeCm3, volumeBasis: 'guess', ...change };
};
const finished = (each: CavityFacts, metal = LEAD) => {
  const cast = finishedWeight(each, metal, null);
  if (!cast.ok) throw new Error(cast.problem.code);
  return cast.value.finishedG;
};

describe('what a mark means on a wire frame', () => {
  it('is the head without its frame: a 3/8 oz block is on its mark, and its casting weighs the wire more', () => {
    expect(frameMass(cavity())).toBe(2.4);
    expect(finished(cavity())).toBeCloseTo(MARK_G + 2.4, 6);
    expect(offMark(cavity(), finished(cavity()), MARK_G)).toBeCloseTo(0, 6);
  });

  it('fits the ticket at its usual 5 %, where the frame counted made it 20 % heavy', () => {
    const spec = { style: 'spinner-point', nominalG: MARK_G, hookBinId: null };
    expect(judgeCavity(cavity(), spec, LEAD, null, 0.05)).toMatchObject({ fits: true });
    // Measured, and six hundredths too heavy: refused for that, not for its wire.
    const heavy = cavity({ volumeBasis: 'weighed', volumeCm3: cavity().volumeCm3 * 1.07 });
    expect(judgeCavity(heavy, spec, LEAD, null, 0.05)).toMatchObject({ fits: false, why: 'weight' });
    const near = cavity({ volumeBasis: 'weighed', volumeCm3: cavity().volumeCm3 * 1.03 });
    expect(judgeCavity(near, spec, LEAD, null, 0.05)).toMatchObject({ fits: true });
  });

  it('is lighter in pewter by its metal alone: the wire stays what it is', () => {
    const share = (finished(cavity(), PEWTER) - 2.4) / MARK_G;
    expect(share).toBeGreaterThan(0.63);
    expect(share).toBeLessThan(0.67);
  });

  it('counts an eye, which lies in the metal, and no pin', () => {
    const eye = { ...FRAME, name: 'Wire eye', embeddedShare: 0.6 };
    const pin = { ...FRAME, removed: true, massG: 0 };
    expect(frameMass({ inserts: [eye, pin] })).toBe(0);
    expect(frameMass({ inserts: [{ ...FRAME, count: 2 }] })).toBe(4.8);
  });
});
