import type { Identification } from '@/model/metals/identify-scrap';
import { numberText as n } from '@/text/number-text';
import type { Working } from '@/ui/figure/Figure';

/** How far a metal of the list is off what was found, in errors of the weighing. */
export function fitWorking(
  { densityGcm3, errorGcm3 }: Identification,
  fit: Identification['fits'][number],
): Working {
  return {
    title: `${fit.name}, how far off`,
    steps: [
      `${n(densityGcm3, 4)} found, ${n(fit.densityGcm3, 4)} g/cm³ on the list: ${n(Math.abs(fit.gapGcm3), 3)} apart`,
      `one error of what was found is ${n(errorGcm3, 2)} g/cm³: ${fit.gapErrors.toFixed(1)} of them`,
      'a pore in a casting only lightens it: what is found too light may still be it, too heavy may not',
    ],
    inputs: [
      { name: 'found', value: `${n(densityGcm3, 4)} ± ${n(errorGcm3, 2)} g/cm³`, basis: 'weighed' },
      { name: fit.name, value: `${n(fit.densityGcm3, 4)} g/cm³`, basis: 'reference' },
    ],
  };
}
