import type { ElementSymbol } from '@/core/metals/element-symbols';
import type { ElementProperties } from '@/core/metals/mix-metal';

/**
 * The elements that makers' alloys are made of. Density at 20 C in g/cm3, specific heat near 20 C in J/(kg K);
 * 'exact' here means the handbook value of the pure element. Source: the calculation contract, after the usual
 * handbooks of chemistry and physics. Fe stands for steel (hooks, wire).
 */
export const ELEMENTS = {
  Pb: { densityGcm3: 11.34, specificHeatJkgK: 129 },
  Sn: { densityGcm3: 7.29, specificHeatJkgK: 227 },
  Sb: { densityGcm3: 6.69, specificHeatJkgK: 207 },
  Bi: { densityGcm3: 9.78, specificHeatJkgK: 122 },
  Zn: { densityGcm3: 7.14, specificHeatJkgK: 388 },
  Cu: { densityGcm3: 8.96, specificHeatJkgK: 385 },
  Ag: { densityGcm3: 10.49, specificHeatJkgK: 235 },
  As: { densityGcm3: 5.73, specificHeatJkgK: 329 },
  W: { densityGcm3: 19.25, specificHeatJkgK: 132 },
  Fe: { densityGcm3: 7.85, specificHeatJkgK: 490 },
} as const satisfies Record<ElementSymbol, ElementProperties>;
