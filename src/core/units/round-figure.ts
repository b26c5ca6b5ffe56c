import type { MassUnit } from './write-mass';
import { GRAMS_PER_OUNCE } from './quantities';

const MM_PER_INCH = 25.4;
const M_PER_FOOT = 0.3048;
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
const FOOT_STEPS = [
  [0, 1],
  [50, 5],
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

/** Meters a second in one of each unit of speed. */
export const MS_IN = { 'm/s': 1, 'km/h': 1 / 3.6, 'ft/s': M_PER_FOOT, mph: 0.44704 } as const;

/**
 * A usual speed to the tenth of the maker's own unit: 0.3 m/s becomes a foot a second.
 *
 * @returns m/s
 * @example roundSpeed(0.3, 'ft/s') // 0.3048
 */
export const roundSpeed = (ms: number, speed: keyof typeof MS_IN): number =>
  (Math.round((ms / MS_IN[speed]) * 10) / 10 || ms / MS_IN[speed]) * MS_IN[speed];

/**
 * A usual depth or cast in full feet, or as it is: 4 m become 13 ft.
 *
 * @returns m
 * @example roundDepth(4, 'ft') // 3.9624
 */
export const roundDepth = (m: number, depth: 'm' | 'ft'): number =>
  depth === 'm' ? m : nearestMark(m / M_PER_FOOT, FOOT_STEPS) * M_PER_FOOT;

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
 * @param stepF What it is set by: 5 F, of a heat gun 25 F.
 * @returns C
 * @example roundTemperature(177, 'F') // 176.67
 */
export const roundTemperature = (celsius: number, temperature: 'C' | 'F', stepF = 5): number =>
  temperature === 'C' ? celsius : (nearestMark(celsius * 1.8 + 32, [[-Infinity, stepF]]) - 32) / 1.8;
