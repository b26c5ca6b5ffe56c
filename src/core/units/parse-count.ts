import { parseNumber } from './parse-number';
import { QUANTITIES } from './quantities';

/** How many one of them is, as things are counted out. */
const COUNTED: Readonly<Record<string, number>> = { dozen: 12, doz: 12, gross: 144, pair: 2, pairs: 2 };
/** A number, and perhaps what it counts. */
const COUNT = /^([^\p{L}"'#]+)((?:\p{L}+[ .]*)*)$/u;

const UNITS: ReadonlySet<string> = new Set(
  Object.values(QUANTITIES).flatMap(({ units }) => units.flatMap(({ names }) => names)),
);

/**
 * Reads how many there are, or null where it is no whole number of things. What is counted may stand behind it;
 * dozens, gross and pairs are reckoned. A unit of measure counts nothing.
 *
 * @example parseCount('5 beads') // 5
 * @example parseCount('2 1/2 dozen') // 30
 * @example parseCount('5 in') // null
 */
export function parseCount(text: string): number | null {
  const [, written = '', behind = ''] = COUNT.exec(text.trim().toLowerCase()) ?? [];
  const [word = '', second = ''] = behind.split(/[ .]+/);
  const number = UNITS.has(word) || UNITS.has(`${word} ${second}`) ? null : parseNumber(written);
  const count = number === null ? null : number * (COUNTED[word] ?? 1);
  return Number.isInteger(count) ? count : null;
}
