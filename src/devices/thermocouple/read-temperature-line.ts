/** What a thermocouple can show at all, C: from a cold shed to past any pot. */
const COLDEST_C = -40;
const HOTTEST_C = 1400;

/**
 * The temperature in a line such as `T1 391.5 C`, `735 F` or `391.5`, C; null where there is none, or none that a
 * pot could have. Without a unit it is C.
 *
 * @example readTemperatureLine('T1 700 F') // 371.1...
 */
export function readTemperatureLine(line: string): number | null {
  const found = /(?:^|[\s:=,])([+-]?\d+(?:\.\d+)?)\s*°?\s*([CF])?\s*$/i.exec(line.trim());
  if (!found) return null;
  const value = Number(found[1]);
  const tempC = found[2]?.toUpperCase() === 'F' ? ((value - 32) * 5) / 9 : value;
  return tempC >= COLDEST_C && tempC <= HOTTEST_C ? tempC : null;
}
