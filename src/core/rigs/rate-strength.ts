/** Something a load goes through: what it breaks at alone, and the share that its knot or crimp leaves of it. */
export interface StrengthLink {
  readonly name: string;
  readonly breakKgf: number;
  /** 0..1; 1 where absent. */
  readonly efficiency?: number | undefined;
}

export interface RigStrength {
  readonly kgf: number;
  readonly weakest: string;
}

/**
 * What a chain of links holds: as much as its weakest one with its knot. The first of several equally weak is named.
 * At least one link.
 *
 * @example rateStrength([{ name: 'cable', breakKgf: 18, efficiency: 0.9 }, { name: 'swivel', breakKgf: 20 }])
 * // { kgf: 16.2, weakest: 'cable' }
 */
export function rateStrength(links: readonly StrengthLink[]): RigStrength {
  const holds = links.map(({ name, breakKgf, efficiency = 1 }) => ({
    kgf: breakKgf * efficiency,
    weakest: name,
  }));
  const [first, ...rest] = holds;
  if (!first) throw new RangeError('rateStrength requires at least one link');
  return rest.reduce((weakest, each) => (each.kgf < weakest.kgf ? each : weakest), first);
}
