import type { Quantity } from '@/core/units/quantities';
import type { MassUnit } from '@/core/units/write-mass';
import { strengthText } from './measure-text';
import { numberText } from './number-text';
import { lengthText, sizeText, temperatureText } from './words';
import { roomText } from './writer';
import type { ScreenUnits } from './written-in';

/** What is measured, and in which unit it is kept: depths in m, speeds in m/s, lengths in mm, temperatures in C. */
export type Measured = 'length' | 'depth' | 'speed' | 'temperature' | 'volume' | 'room' | 'strength';

interface MeasuredKind {
  readonly quantity: Quantity;
  /** Of its quantity's base unit in one of what it is kept in. */
  readonly base: number;
  readonly assume: (units: ScreenUnits) => string;
  readonly write: (value: number, units: ScreenUnits) => string;
}

const M_PER_FOOT = 0.3048;
const CM3_PER_FLUID_OUNCE = 29.5735295625;

/** A depth or a cast in meters or feet, `4.5 m`, `15 ft`. */
export const depthText = (m: number, length: 'mm' | 'in'): string =>
  length === 'in' ? `${numberText(m / M_PER_FOOT, 3)} ft` : `${numberText(m, 3)} m`;

/** How long a fish is: `42 cm`, `16 1/2 in`. */
export const fishText = (mm: number, length: 'mm' | 'in'): string =>
  length === 'in' ? lengthText(mm, 'in') : `${Math.round(mm / 10)} cm`;

/** A speed in meters or feet a second, `0.6 m/s`, `2 ft/s`. */
export const speedText = (ms: number, length: 'mm' | 'in'): string =>
  length === 'in' ? `${numberText(ms / M_PER_FOOT, 2)} ft/s` : `${numberText(ms, 2)} m/s`;

/** A volume in milliliters or fluid ounces, `120 ml`, `4 fl oz`. */
export const volumeText = (cm3: number, mass: MassUnit): string =>
  mass === 'g' ? `${numberText(cm3, 3)} ml` : `${numberText(cm3 / CM3_PER_FLUID_OUNCE, 3)} fl oz`;

const KINDS: Readonly<Record<Measured, MeasuredKind>> = {
  length: {
    quantity: 'length',
    base: 1,
    assume: ({ length }) => length,
    write: (mm, { length }) => sizeText(mm, length),
  },
  depth: {
    quantity: 'length',
    base: 1000,
    assume: ({ length }) => (length === 'in' ? 'ft' : 'm'),
    write: (m, { length }) => depthText(m, length),
  },
  speed: {
    quantity: 'speed',
    base: 1,
    assume: ({ length }) => (length === 'in' ? 'ft/s' : 'm/s'),
    write: (ms, { length }) => speedText(ms, length),
  },
  temperature: {
    quantity: 'temperature',
    base: 1,
    assume: ({ temperature }) => temperature,
    write: (celsius, { temperature }) => temperatureText(celsius, temperature),
  },
  volume: {
    quantity: 'volume',
    base: 1,
    assume: ({ mass }) => (mass === 'g' ? 'ml' : 'fl oz'),
    write: (cm3, { mass }) => volumeText(cm3, mass),
  },
  room: {
    quantity: 'volume',
    base: 1,
    assume: ({ length }) => (length === 'in' ? 'in3' : 'cm3'),
    write: (cm3, { length }) => roomText(cm3, length, 4),
  },
  strength: {
    quantity: 'strength',
    base: 1,
    assume: ({ mass }) => (mass === 'g' ? 'kg' : 'lb'),
    write: (kgf, { mass }) => strengthText(kgf, mass),
  },
};

/** How something that is measured is read and written. */
export const measuredKind = (measured: Measured): MeasuredKind => KINDS[measured];

/** How much warmer, which is another sum than how warm: `8 °C`, `14 °F`. */
export const warmerText = (celsius: number, unit: 'C' | 'F'): string =>
  unit === 'F' ? `${Math.round(celsius * 1.8)} °F` : `${Math.round(celsius)} °C`;

/**
 * From when to when a metal melts.
 *
 * @example meltsText({ solidusC: 183, liquidusC: 183.2 }, 'C') // 'at 183 °C'
 */
export function meltsText(
  { solidusC, liquidusC }: { readonly solidusC: number; readonly liquidusC: number },
  unit: 'C' | 'F',
): string {
  return Math.round(solidusC) === Math.round(liquidusC)
    ? `at ${temperatureText(solidusC, unit)}`
    : `${temperatureText(solidusC, unit).replace(/ .*/, '')} to ${temperatureText(liquidusC, unit)}`;
}
