import { converter, formatHex } from 'culori';

const toOklch = converter('oklch');
const toRgb = converter('rgb');
/** So much lighter or darker neighbors are drawn. */
const STEP = 0.035;

/**
 * A material's color, a shade darker, as it is, and a shade lighter: neighbors drawn so are told apart and still match
 * it better than any other.
 *
 * @example strandTones('#5f6f35')[1] // '#5f6f35'
 */
export function strandTones(hex: string): readonly [darker: string, plain: string, lighter: string] {
  const color = toOklch(hex) ?? { mode: 'oklch' as const, l: 0.5, c: 0, h: 0 };
  const shifted = (by: number) => formatHex(toRgb({ ...color, l: Math.max(0, Math.min(1, color.l + by)) }));
  return [shifted(-STEP), hex, shifted(STEP)];
}
