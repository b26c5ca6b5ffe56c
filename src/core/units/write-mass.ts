import { GRAMS_PER_OUNCE } from './quantities';
import { writeFraction } from './write-fraction';

export type MassUnit = 'g' | 'oz' | 'oz-fraction';

export interface WrittenMass {
  /** The number as shown. */
  readonly number: string;
  readonly unit: 'g' | 'kg' | 'oz' | 'lb';
}

const SIXTEENTHS = 16;
const SIXTY_FOURTHS = 64;
const OUNCES_PER_POUND = 16;
/** A fraction is shown only where it is this near, as a share; else ounces go decimal. */
const FRACTION_SLACK = 0.005;
/** Under this many ounces the trade counts in 64ths, and nobody's scale parts what lies nearer than so. */
const SMALL_OZ = 1 / 8;
const SMALL_SLACK = 0.02;
/** Pounds are many sixteenths: only what was meant as a fraction is one. */
const POUND_SLACK = 1e-5;

/** The fraction that a mass in ounces or pounds lies on; null where it lies on none. */
function fractionOf(value: number, isPounds: boolean): string | null {
  const isSmall = !isPounds && value < SMALL_OZ * (1 - FRACTION_SLACK);
  const parts = isSmall ? SIXTY_FOURTHS : SIXTEENTHS;
  const slack = isPounds ? POUND_SLACK : isSmall ? SMALL_SLACK : FRACTION_SLACK;
  const marks = Math.round(value * parts);
  const isNear = Math.abs(value * parts - marks) <= slack * Math.abs(value * parts);
  return marks > 0 && isNear ? writeFraction(marks, parts) : null;
}

/**
 * A mass in the maker's own unit, rounded for display: grams to three digits and kilograms from 1000 g on;
 * ounces as decimals, or as a fraction of sixteenths where the mass lies on one, small ones of 64ths, and pounds from 16 oz on.
 * What is small keeps three digits.
 *
 * @example writeMass(9.5238, 'g') // { number: '9.52', unit: 'g' }
 * @example writeMass(10.631, 'oz-fraction') // { number: '3/8', unit: 'oz' }
 * @example writeMass(0.354, 'oz-fraction') // { number: '0.0125', unit: 'oz' }: 1/80 oz
 */
export function writeMass(massG: number, unit: MassUnit): WrittenMass {
  if (unit === 'g') {
    return Math.abs(massG) >= 999.5
      ? { number: decimals(massG / 1000), unit: 'kg' }
      : { number: decimals(massG), unit: 'g' };
  }
  const ounces = massG / GRAMS_PER_OUNCE;
  const isPounds = Math.abs(ounces) >= OUNCES_PER_POUND;
  const value = isPounds ? ounces / OUNCES_PER_POUND : ounces;
  const fraction = unit === 'oz-fraction' ? fractionOf(value, isPounds) : null;
  return { number: fraction ?? decimals(value), unit: isPounds ? 'lb' : 'oz' };
}

function decimals(value: number): string {
  const size = Math.abs(value);
  if (size >= 99.95) return value.toFixed(0);
  if (size >= 9.995) return value.toFixed(1);
  if (size >= 0.0995 || value === 0) return value.toFixed(2);
  // What is small keeps the digits it has: a bead, 0.0018 oz, weighs not nothing.
  return String(Number(value.toPrecision(3)));
}
