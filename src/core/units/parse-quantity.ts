import { done, fail, type Outcome } from '../problems/problem';
import { findUnit } from './find-unit';
import { ABSOLUTE_ZERO_C, QUANTITIES, type BaseUnit, type Quantity, type UnitDefinition } from './quantities';

export interface ParsedQuantity {
  readonly value: number;
  readonly unit: BaseUnit;
}

/** A leading number as people write it: `1 1/2`, `1-1/2`, `3/8`, `0.5`, `0,5`, `.5`, `10`. */
const NUMBER = /^(?:(\d+)(?:\s+|\s*-\s*))?(\d+)\s*\/\s*(\d+)|^(\d+(?:[.,]\d+)?|[.,]\d+)/;
/** A unit: a mark, or letters with perhaps a degree sign before and a period behind; `fl oz` and `cu in` have two words. */
const UNIT =
  /^\s*(['"#]|cm3|in3|cu\.?\s*in\.?|cubic inch(?:es)?|[a-z]{1,2}\/[sh]|fl\.?\s*oz\.?|fluid ounces?|°?\s*[a-z]+\.?)/;

const VULGAR_FRACTIONS: Record<string, string> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅐': '1/7',
  '⅑': '1/9',
  '⅒': '1/10',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/**
 * Reads a measure as makers write it and gives it in the quantity's base unit: grams, millimeters, degrees
 * Celsius, cubic centimeters, seconds or kilograms of strain.
 *
 * Takes fractions, mixed numbers, decimal points and commas, sums of falling units (`2 lb 3 oz`), and for a
 * duration `1 h 30`, `2'30"`, and as a clock shows it `1:30` (minutes and seconds; hours and minutes where hours
 * are assumed) or `1:05:20`. A bare number takes the unit `assume`. There are no thousands separators:
 * `1,250 g` is 1.25 g. Factors: see `quantities.ts`.
 *
 * Problems: `units.*`, each an ill-put text: nothing there, no number, text left over, an unknown unit, no unit,
 * a negative amount, a zero denominator, colder than absolute zero, past what a number holds.
 *
 * @example parseQuantity('1-1/2"', 'length') // { ok: true, value: { value: 38.1, unit: 'mm' } }
 * @example parseQuantity('⅜ oz', 'mass') // 10.631071171875 g
 */
export function parseQuantity(text: string, quantity: Quantity, assume?: string): Outcome<ParsedQuantity> {
  const { base } = QUANTITIES[quantity];
  const assumed = assume === undefined ? undefined : findUnit(quantity, assume);
  if (assume !== undefined && !assumed) {
    return fail('units.unknown-assumed-unit', { unit: assume, quantity }, ['assume']);
  }
  const path = ['text'];
  const plain = quantity === 'duration' ? clockWritten(plainText(text), assume) : plainText(text);
  if (plain === '') return fail('units.empty', { quantity }, path);

  const isNegative = plain.startsWith('-');
  const isCompound = quantity !== 'temperature';
  let rest = isNegative ? plain.slice(1).trimStart() : plain;
  let total = 0;
  let previous: UnitDefinition | undefined;

  while (rest !== '') {
    const number = NUMBER.exec(rest);
    if (!number) {
      return previous
        ? fail('units.left-over', { text, rest, quantity }, path)
        : fail('units.no-number', { text, quantity }, path);
    }
    const [written, whole, numerator, denominator, decimal] = number;
    if (denominator !== undefined && Number(denominator) === 0) {
      return fail('units.zero-denominator', { text }, path);
    }
    const amount =
      decimal === undefined
        ? Number(whole ?? 0) + Number(numerator) / Number(denominator)
        : Number(decimal.replace(',', '.'));
    rest = rest.slice(written.length);

    const named = UNIT.exec(rest);
    let unit: UnitDefinition | undefined;
    if (named) {
      const name = (named[1] ?? '').replace(/\s+/g, ' ');
      unit = findUnit(quantity, name);
      if (!unit) return fail('units.unknown-unit', { text, unit: name, quantity }, path);
      rest = rest.slice(named[0].length).trimStart();
    } else if (rest.trim() !== '') {
      return fail('units.left-over', { text, rest: rest.trim(), quantity }, path);
    } else {
      rest = '';
      unit = previous ? unitBelow(quantity, previous) : assumed;
      if (!unit) {
        return previous
          ? fail('units.left-over', { text, rest: written.trim(), quantity }, path)
          : fail('units.no-unit', { text, quantity }, path);
      }
    }
    if (previous && !(isCompound && unit.factor < previous.factor)) {
      return fail('units.left-over', { text, rest: written.trim(), quantity }, path);
    }
    total += amount * unit.factor + (isNegative ? -1 : 1) * (unit.offset ?? 0);
    previous = unit;
  }
  if (!previous) return fail('units.no-number', { text, quantity }, path);

  const value = isNegative && total !== 0 ? -total : total;
  if (!Number.isFinite(value)) return fail('units.too-large', { text }, path);
  if (value < 0 && quantity !== 'temperature') return fail('units.negative', { text, quantity }, path);
  if (quantity === 'temperature' && value < ABSOLUTE_ZERO_C) {
    return fail('units.below-absolute-zero', { text }, path);
  }
  return done({ value, unit: base });
}

function plainText(text: string): string {
  return text
    .replace(/[¼½¾⅐-⅞]/g, (sign) => (VULGAR_FRACTIONS[sign] ? ` ${VULGAR_FRACTIONS[sign]}` : sign))
    .replace(/[⁄∕]/g, '/')
    .replace(/[−–—]/g, '-')
    .replace(/[″”“]|''|’’|′′/g, '"')
    .replace(/[′’‘]/g, "'")
    .replace(/³/g, '3')
    .replace(/º/g, '°')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase();
}

/** `1:30` written out with its units. */
function clockWritten(plain: string, assume: string | undefined): string {
  const [, first, second, third] = /^(\d+):([0-5]\d)(?::([0-5]\d))?$/.exec(plain) ?? [];
  if (first === undefined) return plain;
  if (third !== undefined) return `${first} h ${second} min ${third} s`;
  return assume === 'h' ? `${first} h ${second} min` : `${first} min ${second} s`;
}

/** `1 h 30` means thirty of the next smaller unit; only durations are spoken so. */
function unitBelow(quantity: Quantity, unit: UnitDefinition): UnitDefinition | undefined {
  if (quantity !== 'duration') return undefined;
  const { units } = QUANTITIES.duration;
  return units[units.indexOf(unit) + 1];
}
