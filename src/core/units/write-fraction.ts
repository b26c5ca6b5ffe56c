/**
 * So many parts of so many to a whole, as a fraction in its lowest terms; halves down to sixty-fourths.
 *
 * @param parts Not negative.
 * @param of A power of two.
 * @example writeFraction(22, 16) // '1 3/8'
 */
export function writeFraction(parts: number, of: number): string {
  const whole = Math.floor(parts / of);
  let [top, bottom] = [parts % of, of];
  while (top > 0 && top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  if (top === 0) return String(whole);
  return whole === 0 ? `${top}/${bottom}` : `${whole} ${top}/${bottom}`;
}
