import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';

/** What an element brings to an alloy. */
export interface ElementProperties {
  /** Density at 20 C, g/cm3. */
  readonly densityGcm3: number;
  /** Specific heat near 20 C, J/(kg K). */
  readonly specificHeatJkgK: number;
}

export interface MetalProperties {
  readonly densityGcm3: number;
  readonly specificHeatJkgK: number;
}

/** How far mass shares may miss a sum of one. */
const SHARE_SUM_SLACK = 1e-6;

/**
 * An alloy's density in g/cm3 and specific heat in J/(kg K) from mass shares of elements. Volumes add:
 * density = 1 / sum(w/rho). Heats add by mass (Neumann and Kopp): c = sum(w c). Real alloys differ by a
 * percent or so; a weighing beats both.
 *
 * Problem: `metal.shares-off` where the shares do not sum to 1 within 1e-6. Throws where a share names an
 * element that `elements` lacks.
 *
 * @example mixMetal({ Pb: 0.96, Sb: 0.04 }, ELEMENTS).value.densityGcm3 // 11.0330...
 */
export function mixMetal(
  composition: Readonly<Record<string, number>>,
  elements: Readonly<Record<string, ElementProperties>>,
): Outcome<MetalProperties> {
  const shares = Object.entries(composition).map(([symbol, share]) => {
    const element = elements[symbol];
    if (!element)
      throw new RangeError(`mixMetal requires every share to name a known element; ${symbol} is none`);
    return { share, element };
  });
  const total = sum(shares.map(({ share }) => share));
  if (!(Math.abs(total - 1) <= SHARE_SUM_SLACK))
    return fail('metal.shares-off', { sum: total }, ['composition']);
  return done({
    densityGcm3: 1 / sum(shares.map(({ share, element }) => share / element.densityGcm3)),
    specificHeatJkgK: sum(shares.map(({ share, element }) => share * element.specificHeatJkgK)),
  });
}
