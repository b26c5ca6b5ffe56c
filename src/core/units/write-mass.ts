import { GRAMS_PER_OUNCE } from './quantities';
import { writeFraction } from './write-fraction';

export type MassUnit = 'g' | 'oz' | 'oz-fraction';

export interface WrittenMass {
  /** The number as shown. */
  readonly number: string;
  readonly unit: 'g' | 'kg' | 'oz' | 'lb';
}

const SIXTEENTHS = 16;
const OUNCES_PER_POUND = 16;
/** A fraction is shown only where it is this near, as a share; else ounces go decimal. */
const FRACTION_SLACK = 0.005;
/** Pounds are many sixteenths: only what was meant as a fraction is one. */
const POUND_SLACK = 1e-5;

/**
 * A mass in the maker's own unit, rounded for display: grams to three digits and kilograms from 1000 g on;
 * ounces as decimals, or as a fraction of sixteenths where the mass lies on one, and pounds from 16 oz on.
 *
 * @example writeMass(9.5238, 'g') // { number: '9.52', unit: 'g' }
 * @example writeMass(10.631, 'oz-fraction') // { number: '3/8', unit: 'oz' }
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
  const marks = Math.round(value * SIXTEENTHS);
  const slack = isPounds ? POUND_SLACK : FRACTION_SLACK;
  const isNear = Math.abs(value * SIXTEENTHS - marks) <= slack * Math.abs(value * SIXTEENTHS);
  const isFraction = unit === 'oz-fraction' && marks > 0 && isNear;
  return {
    number: isFraction
      ? writeFraction(marks, SIXTEENTHS)
      : value > 0 && value < LITTLE
        ? little(value)
        : decimals(value),
    unit: isPounds ? 'lb' : 'oz',
  };
}

/** Less than this many ounces are written with the digits that they have: 0.0035, not 0.00. */
const LITTLE = 0.095;
const little = (ounces: number) => String(Number(ounces.toPrecision(2)));

function decimals(value: number): string {
  const size = Math.abs(value);
  if (size >= 99.95) return value.toFixed(0);
  if (size >= 9.995) return value.toFixed(1);
  return value.toFixed(2);
}
