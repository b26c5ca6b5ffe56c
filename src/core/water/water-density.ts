/**
 * Density of air-free water under one atmosphere in g/cm3, from 0 to 100 C: Kell's fit (J. Chem. Eng. Data 20,
 * 97, 1975), good to 0.001 % up to 40 C.
 *
 * @example waterDensity(20) // 0.998204...
 */
export function waterDensity(celsius: number): number {
  const t = celsius;
  const above =
    999.83952 +
    t * (16.945176 + t * (-7.9870401e-3 + t * (-46.170461e-6 + t * (105.56302e-9 + t * -280.54253e-12))));
  return above / (1 + 16.87985e-3 * t) / 1000;
}
