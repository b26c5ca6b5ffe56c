import { typicalThing } from './typical-things';

describe('a metal that is put down', () => {
  it('is known by the list where it is poured', () => {
    expect(typicalThing(['metal', 'soft-lead'], 'in').bin).toMatchObject({
      kind: 'metal',
      composition: { Pb: 1 },
      densityBasis: 'reference',
    });
  });

  it('is a guess of its density where it is powder in as much resin as its maker takes', () => {
    const { bin } = typicalThing(['metal', 'tungsten-resin'], 'in');
    expect(bin).toMatchObject({
      kind: 'metal',
      composition: { W: 1 },
      densityBasis: 'guess',
      shrinkLinear: 0,
    });
    if (bin.kind !== 'metal') throw new Error('no metal');
    expect(bin.densityGcm3).toBeGreaterThan(7);
    expect(bin.densityGcm3).toBeLessThan(11.5);
  });

  it('is nothing known where it is scrap', () => {
    expect(typicalThing(['metal', 'scrap'], 'in').bin).toMatchObject({
      composition: null,
      compositionBasis: 'guess',
      densityBasis: 'guess',
    });
  });
});
