import { writeMass } from './write-mass';

describe('writeMass', () => {
  it.each<[number, 'g' | 'oz' | 'oz-fraction', string]>([
    [9.5238, 'g', '9.52 g'],
    [13.38, 'g', '13.4 g'],
    [576.2, 'g', '576 g'],
    [999.6, 'g', '1.00 kg'],
    [11_800, 'g', '11.8 kg'],
    [10.631071171875, 'oz-fraction', '3/8 oz'],
    [28.349523125, 'oz-fraction', '1 oz'],
    [42.5242846875, 'oz-fraction', '1 1/2 oz'],
    [11, 'oz-fraction', '0.39 oz'],
    [10.631071171875, 'oz', '0.38 oz'],
    [0, 'oz-fraction', '0.00 oz'],
    [2800, 'oz-fraction', '6.17 lb'],
    [453.59237, 'oz', '1.00 lb'],
    [4535.9237, 'oz-fraction', '10 lb'],
    [2381.3599, 'oz-fraction', '5 1/4 lb'],
    [0.1, 'oz-fraction', '0.00353 oz'],
    [1, 'oz', '0.0353 oz'],
    // 1/80 oz is on no mark; 1/64 and 1/32 are, and what lies within 2 % of one.
    [28.349523125 / 80, 'oz-fraction', '0.0125 oz'],
    [28.349523125 / 64, 'oz-fraction', '1/64 oz'],
    [28.349523125 / 32, 'oz-fraction', '1/32 oz'],
    [0.45, 'oz-fraction', '1/64 oz'],
    [0.05, 'oz-fraction', '0.00176 oz'],
    [28.349523125 / 64, 'oz', '0.0156 oz'],
  ])('writes %d g in %s as %s', (massG, unit, expected) => {
    const written = writeMass(massG, unit);
    expect(`${written.number} ${written.unit}`).toBe(expected);
  });
});
