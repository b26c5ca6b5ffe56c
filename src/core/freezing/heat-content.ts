import type { ThermalMaterial } from './grid';

/**
 * How much heat a material holds at a temperature, J/m3 over 0 C: what it takes to melt is spread evenly between its solidus
 * and its liquidus, or stands at one temperature where they are the same.
 *
 * @example heatContent(lead, 327.5, 1) // all liquid, at its melting point
 */
export function heatContent(
  { densityKgM3, specificJkgK, melting }: ThermalMaterial,
  temperatureC: number,
  liquidAtMelting = 1,
): number {
  const sensible = densityKgM3 * specificJkgK * temperatureC;
  if (!melting) return sensible;
  const { solidusC, liquidusC, latentJkg } = melting;
  const range = liquidusC - solidusC;
  const isAt = range === 0 && temperatureC === solidusC;
  const liquid = isAt
    ? liquidAtMelting
    : range === 0
      ? Number(temperatureC > solidusC)
      : Math.max(0, Math.min(1, (temperatureC - solidusC) / range));
  return sensible + densityKgM3 * latentJkg * liquid;
}

/** What a material's temperature is by the heat it holds, in pieces that run straight: from, slope, offset. */
export interface HeatCurve {
  /** Heat at which it begins to melt, and is all molten, J/m3. */
  readonly solidJm3: number;
  readonly liquidJm3: number;
  readonly solidusC: number;
  readonly liquidusC: number;
  /** J/m3K. */
  readonly capacity: number;
}

/** The same the other way round: by the heat it holds, how warm it is. */
export function heatCurve(material: ThermalMaterial): HeatCurve {
  const capacity = material.densityKgM3 * material.specificJkgK;
  const { melting } = material;
  if (!melting)
    return { solidJm3: Infinity, liquidJm3: Infinity, solidusC: Infinity, liquidusC: Infinity, capacity };
  return {
    solidJm3: capacity * melting.solidusC,
    liquidJm3: capacity * melting.liquidusC + material.densityKgM3 * melting.latentJkg,
    solidusC: melting.solidusC,
    liquidusC: melting.liquidusC,
    capacity,
  };
}
