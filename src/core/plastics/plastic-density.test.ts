import { plasticDensity } from './plastic-density';

describe('how dense a cup is', () => {
  it('adds volumes and weights, whichever was given', () => {
    const found = plasticDensity(
      [
        { densityGcm3: 1.02, volumeCm3: 100 },
        { densityGcm3: 2.16, massG: 40 },
      ],
      5,
    );
    const density = (102 + 40) / (100 + 40 / 2.16);
    expect(found).toEqual({
      ok: true,
      value: {
        densityGcm3: expect.closeTo(density, 12) as number,
        liftG: expect.closeTo(5 * (1 - density), 12) as number,
      },
    });
  });

  it('lifts a tail that is lighter than the water, and more in salt water', () => {
    const light = [{ densityGcm3: 0.93, volumeCm3: 10 }];
    const [fresh, sea] = [plasticDensity(light, 4), plasticDensity(light, 4, 1.025)];
    if (!fresh.ok || !sea.ok) throw new Error('both are well put');
    expect(fresh.value.liftG).toBeCloseTo(0.28, 9);
    expect(sea.value.liftG - fresh.value.liftG).toBeCloseTo(0.1, 9);
  });

  it('asks for something in the cup', () => {
    expect(plasticDensity([{ densityGcm3: 1, massG: 0 }], 4)).toMatchObject({
      problem: { code: 'plastic.nothing-in-it' },
    });
  });
});
