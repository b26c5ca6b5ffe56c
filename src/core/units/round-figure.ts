import type { MassUnit } from './write-mass';
import { GRAMS_PER_OUNCE } from './quantities';

const MM_PER_INCH = 25.4;
const KG_PER_POUND = 0.45359237;

/** The mark of a scale that lies nearest: `steps` says how fine its marks are from where on. */
function nearestMark(value: number, steps: readonly (readonly [from: number, step: number])[]): number {
  const [, step = 1] = steps.findLast(([from]) => Math.abs(value) >= from) ?? steps[0] ?? [];
  return Math.round(value / step) * step || value;
}

const INCH_STEPS = [
  [0, 1 / 64],
  [1 / 4, 1 / 16],
  [1, 1 / 8],
  [2, 1 / 4],
  [4, 1 / 2],
  [12, 1],
  [30, 6],
] as const;
const OUNCE_STEPS = [
  [0, 1 / 64],
  [1 / 16, 1 / 16],
  [1 / 2, 1 / 8],
  [1, 1 / 4],
  [3, 1 / 2],
  [16, 8],
] as const;
const POUND_STEPS = [
  [0, 1 / 2],
  [2, 1],
  [10, 5],
  [100, 10],
] as const;

/**
 * A usual length as somebody who works in inches would set it: 60 mm becomes 2 1/4 in. As it is for who works in millimeters.
 *
 * @param mm A usual figure; no measurement.
 * @returns mm
 * @example roundLength(60, 'in') // 57.15
 */
export const roundLength = (mm: number, length: 'mm' | 'in'): number =>
  length === 'mm' ? mm : nearestMark(mm / MM_PER_INCH, INCH_STEPS) * MM_PER_INCH;

/**
 * A usual weight as somebody who works in ounces would set it: 30 g becomes an ounce.
 *
 * @returns g
 * @example roundMass(30, 'oz-fraction') // 28.35
 */
export const roundMass = (massG: number, mass: MassUnit): number =>
  mass === 'g' ? massG : nearestMark(massG / GRAMS_PER_OUNCE, OUNCE_STEPS) * GRAMS_PER_OUNCE;

/**
 * A usual strain as somebody who works in pounds would set it: 12 kg become 25 lb.
 *
 * @returns kg of strain
 * @example roundStrength(12, 'oz') // 11.34
 */
export const roundStrength = (kgf: number, mass: MassUnit): number =>
  mass === 'g' ? kgf : nearestMark(kgf / KG_PER_POUND, POUND_STEPS) * KG_PER_POUND;

/**
 * A usual temperature as somebody who works in Fahrenheit would set it: 177 C becomes 350 F.
 *
 * @returns C
 * @example roundTemperature(177, 'F') // 176.67
 */
export const roundTemperature = (celsius: number, temperature: 'C' | 'F'): number =>
  temperature === 'C' ? celsius : (nearestMark(celsius * 1.8 + 32, [[-Infinity, 5]]) - 32) / 1.8;
