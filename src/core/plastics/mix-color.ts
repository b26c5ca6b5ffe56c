import { converter, formatHex } from 'culori';

/** Something stirred into a cup. */
export interface ColorPart {
  readonly hex: string;
  /** Drops. */
  readonly drops: number;
  /** How much of the light a drop takes away: 1 for a usual dye, less for a tint. */
  readonly strength?: number;
}

export interface CupColor {
  readonly hex: string;
  /** 1 as clear as the plastic alone, 0 lets nothing through. */
  readonly clarity: number;
}

/** Of usual dye in clear plastic: at so many drops a 100 cm3 half of the light is taken. */
const HALF_AT_DROPS = 6;
const PER_CM3 = 100;
const CLEAR = '#efe9dc';

const toRgb = converter('lrgb');

/**
 * The color of a cup so far, estimated: each dye takes its share of the light, as thin filters one over another do
 * (Beer and Lambert's law in three bands). An estimate for a screen: the cup itself is the judge.
 *
 * @example mixColor([], 100) // { hex: '#efe9dc', clarity: 1 }
 */
export function mixColor(parts: readonly ColorPart[], baseCm3: number): CupColor {
  const clear = toRgb(CLEAR) ?? { r: 1, g: 1, b: 1 };
  const dose = ({ drops, strength = 1 }: ColorPart) =>
    ((drops * strength * PER_CM3) / baseCm3 / HALF_AT_DROPS) * Math.LN2;
  const taken = { r: 0, g: 0, b: 0 };
  let total = 0;
  for (const part of parts) {
    const rgb = toRgb(part.hex) ?? { r: 0.5, g: 0.5, b: 0.5 };
    const much = dose(part);
    total += much;
    // A band that the dye shows fully is left alone; one that it shows dark is taken.
    for (const band of ['r', 'g', 'b'] as const) taken[band] += much * -Math.log(Math.max(0.02, rgb[band]));
  }
  const through = (band: 'r' | 'g' | 'b') => Math.min(1, clear[band]) * Math.exp(-taken[band]);
  return {
    hex: formatHex({ mode: 'lrgb', r: through('r'), g: through('g'), b: through('b') }),
    clarity: Math.exp(-total),
  };
}
