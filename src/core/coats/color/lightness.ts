import { converter } from 'culori';

const toLab = converter('lab');

/**
 * How light a color is, 0 to 100 (CIE L*, D50). Throws where the text is no color.
 *
 * @example lightness('#ffffff') // 100
 */
export function lightness(hex: string): number {
  const lab = toLab(hex);
  if (!lab) throw new RangeError(`lightness requires a color such as #8a6d3b, not '${hex}'`);
  return lab.l;
}
