import { writeFraction } from '@/core/units/write-fraction';
import { MS_IN } from '@/core/units/round-figure';
import { BAR_PER_PSI, type Quantity } from '@/core/units/quantities';
import { kitchenText } from './kitchen-text';
import { numberText } from './number-text';
import { lengthText, sizeText, temperatureText } from './words';
import { roomText } from './writer';
import type { ScreenUnits } from './written-in';

/** What is measured, and in which unit it is kept: depths in m, speeds in m/s, lengths in mm, temperatures in C. */
export type Measured =
  | 'length'
  | 'drill'
  | 'depth'
  | 'speed'
  | 'temperature'
  | 'volume'
  | 'room'
  | 'strength'
  | 'pressure';

interface MeasuredKind {
  readonly quantity: Quantity;
  /** Of its quantity's base unit in one of what it is kept in. */
  readonly base: number;
  readonly assume: (units: ScreenUnits) => string;
  readonly write: (value: number, units: ScreenUnits) => string;
}

/** Kilograms in a pound, exact. */
const KG_PER_POUND = 0.45359237;

/**
 * A strain in the maker's unit.
 *
 * @example strengthText(127, 'lb') // '280 lb'
 */
export function strengthText(kgf: number, strength: ScreenUnits['strength']): string {
  return strength === 'kg' ? `${numberText(kgf, 3)} kg` : `${numberText(kgf / KG_PER_POUND, 3)} lb`;
}

const M_PER_FOOT = 0.3048;
const CM3_PER_FLUID_OUNCE = 29.5735295625;

/** A depth or a cast in meters or feet, `4.5 m`, `15 ft`. */
export const depthText = (m: number, depth: ScreenUnits['depth']): string =>
  depth === 'ft' ? `${numberText(m / M_PER_FOOT, 3)} ft` : `${numberText(m, 3)} m`;

/** The finest drills go by sixty-fourths of an inch, or by tenths of a millimeter. */
const DRILLS_TO_INCH = 64;
const MM_PER_INCH = 25.4;

/**
 * A hole by the drill that makes it: the nearest that is sold.
 *
 * @example drillText(2, 'in') // '5/64 in'
 */
export const drillText = (mm: number, length: 'mm' | 'in'): string =>
  length === 'mm'
    ? `${numberText(Math.round(mm * 10) / 10, 3)} mm`
    : `${writeFraction(Math.max(1, Math.round((mm / MM_PER_INCH) * DRILLS_TO_INCH)), DRILLS_TO_INCH)} in`;

/** How long a fish is: `42 cm`, `16 1/2 in`. */
export const fishText = (mm: number, length: 'mm' | 'in'): string =>
  length === 'in' ? lengthText(mm, 'in') : `${Math.round(mm / 10)} cm`;

/** A speed, `0.6 m/s`, `2.2 km/h`, `2 ft/s`, `1.3 mph`. */
export const speedText = (ms: number, speed: ScreenUnits['speed']): string =>
  `${numberText(ms / MS_IN[speed], 2)} ${speed}`;

/** The air behind a clamp in bar or pounds to the square inch, `2 bar`, `29 psi`. */
export const pressureText = (bar: number, length: 'mm' | 'in'): string =>
  length === 'in' ? `${numberText(bar / BAR_PER_PSI, 2)} psi` : `${numberText(bar, 2)} bar`;

/** A volume in milliliters, fluid ounces or the spoons of a kitchen: `120 ml`, `4 fl oz`, `1/2 cup`. */
export function volumeText(cm3: number, volume: ScreenUnits['volume']): string {
  switch (volume) {
    case 'ml':
      return `${numberText(cm3, 3)} ml`;
    case 'fl oz':
      return `${numberText(cm3 / CM3_PER_FLUID_OUNCE, 3)} fl oz`;
    case 'cup':
      return kitchenText(cm3);
  }
}

/** In which unit a bare number of a volume is read: little of it is measured with a spoon. */
export const ASSUMED_VOLUME: Readonly<Record<ScreenUnits['volume'], string>> = {
  ml: 'ml',
  'fl oz': 'fl oz',
  cup: 'tsp',
};

const KINDS: Readonly<Record<Measured, MeasuredKind>> = {
  length: {
    quantity: 'length',
    base: 1,
    assume: ({ length }) => length,
    write: (mm, { length }) => sizeText(mm, length),
  },
  drill: {
    quantity: 'length',
    base: 1,
    assume: ({ length }) => length,
    write: (mm, { length }) => drillText(mm, length),
  },
  depth: {
    quantity: 'length',
    base: 1000,
    assume: ({ depth }) => depth,
    write: (m, { depth }) => depthText(m, depth),
  },
  speed: {
    quantity: 'speed',
    base: 1,
    assume: ({ speed }) => speed,
    write: (ms, { speed }) => speedText(ms, speed),
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
    assume: ({ volume }) => ASSUMED_VOLUME[volume],
    write: (cm3, { volume }) => volumeText(cm3, volume),
  },
  room: {
    quantity: 'volume',
    base: 1,
    assume: ({ length }) => (length === 'in' ? 'in3' : 'cm3'),
    write: (cm3, { length }) => roomText(cm3, length, 4),
  },
  pressure: {
    quantity: 'pressure',
    base: 1,
    assume: ({ length }) => (length === 'in' ? 'psi' : 'bar'),
    write: (bar, { length }) => pressureText(bar, length),
  },
  strength: {
    quantity: 'strength',
    base: 1,
    assume: ({ strength }) => strength,
    write: (kgf, { strength }) => strengthText(kgf, strength),
  },
};

/** How something that is measured is read and written. */
export const measuredKind = (measured: Measured): MeasuredKind => KINDS[measured];

/** How much warmer, which is another sum than how warm: `8 °C`, `14 °F`. */
export const warmerText = (celsius: number, unit: 'C' | 'F'): string =>
  unit === 'F' ? `${Math.round(celsius * 1.8)} °F` : `${Math.round(celsius)} °C`;

/**
 * From when to when a metal melts; what is not known of it is said to be so.
 *
 * @example meltsText({ solidusC: 183, liquidusC: 183.2 }, 'C') // 'at 183 °C'
 * @example meltsText({ solidusC: 183, liquidusC: null }, 'C') // 'from 183 °C on'
 */
export function meltsText(
  { solidusC, liquidusC }: { readonly solidusC: number | null; readonly liquidusC: number | null },
  unit: 'C' | 'F',
): string {
  if (solidusC === null) return 'nobody knows at what heat: melt a little and see; it goes into no oven';
  // A listed alloy's liquidus may lie a hair under the safe side of a trace.
  if (liquidusC === null || liquidusC < solidusC - 0.5) return `from ${temperatureText(solidusC, unit)} on`;
  return Math.round(solidusC) === Math.round(liquidusC)
    ? `at ${temperatureText(solidusC, unit)}`
    : `${temperatureText(solidusC, unit).replace(/ .*/, '')} to ${temperatureText(liquidusC, unit)}`;
}
