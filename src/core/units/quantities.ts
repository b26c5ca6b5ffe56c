/** What the maker measures. Each quantity has one base unit in which the core computes. */
export type Quantity =
  | 'mass'
  | 'length'
  | 'temperature'
  | 'volume'
  | 'duration'
  | 'strength'
  | 'speed'
  | 'pressure';

export type BaseUnit = 'g' | 'mm' | 'C' | 'cm3' | 's' | 'kgf' | 'm/s' | 'bar';

export interface UnitDefinition {
  /** How people write it, lower case. The first is the one shown in messages. */
  readonly names: readonly string[];
  /** Base units in one of it. */
  readonly factor: number;
  /** Added after the factor (temperatures alone). */
  readonly offset?: number;
}

export interface QuantityDefinition {
  readonly base: BaseUnit;
  readonly units: readonly UnitDefinition[];
}

/** Grams in one avoirdupois ounce, exact (international yard and pound agreement, 1959). */
export const GRAMS_PER_OUNCE = 28.349523125;
/** Grams in one grain, exact: an ounce over 437.5. */
const GRAMS_PER_GRAIN = 0.06479891;
/** Millimeters in one inch, exact. */
const MM_PER_INCH = 25.4;
/** Cubic centimeters in one cubic inch, exact. */
export const CM3_PER_CUBIC_INCH = 16.387064;
/** Cubic centimeters in one US teaspoon, exact: a US gallon of 231 cubic inches over 768. */
export const CM3_PER_TEASPOON = 4.92892159375;

/** Bar in a pound of force to the square inch, exact: 0.45359237 kg × 9.80665 m/s² over 645.16 mm². */
export const BAR_PER_PSI = (0.45359237 * 9.80665 * 10) / 645.16;

export const QUANTITIES: Record<Quantity, QuantityDefinition> = {
  mass: {
    base: 'g',
    units: [
      { names: ['kg', 'kilo', 'kilos', 'kilogram', 'kilograms'], factor: 1000 },
      { names: ['lb', 'lbs', 'pound', 'pounds'], factor: 16 * GRAMS_PER_OUNCE },
      { names: ['oz', 'ounce', 'ounces'], factor: GRAMS_PER_OUNCE },
      { names: ['g', 'gram', 'grams'], factor: 1 },
      { names: ['gr', 'grain', 'grains'], factor: GRAMS_PER_GRAIN },
      { names: ['mg', 'milligram', 'milligrams'], factor: 0.001 },
    ],
  },
  length: {
    base: 'mm',
    units: [
      { names: ['m', 'meter', 'meters', 'metre', 'metres'], factor: 1000 },
      { names: ['yd', 'yds', 'yard', 'yards'], factor: 36 * MM_PER_INCH },
      { names: ['ft', 'foot', 'feet'], factor: 12 * MM_PER_INCH },
      { names: ['in', 'inch', 'inches', '"'], factor: MM_PER_INCH },
      { names: ['cm', 'centimeter', 'centimeters', 'centimetre', 'centimetres'], factor: 10 },
      { names: ['mm', 'millimeter', 'millimeters', 'millimetre', 'millimetres'], factor: 1 },
    ],
  },
  temperature: {
    base: 'C',
    units: [
      { names: ['c', '°c', '° c', 'celsius'], factor: 1 },
      { names: ['f', '°f', '° f', 'fahrenheit'], factor: 5 / 9, offset: -160 / 9 },
    ],
  },
  volume: {
    base: 'cm3',
    units: [
      { names: ['l', 'liter', 'liters', 'litre', 'litres'], factor: 1000 },
      { names: ['cup', 'cups'], factor: 48 * CM3_PER_TEASPOON },
      { names: ['in3', 'cu in', 'cubic inch', 'cubic inches'], factor: CM3_PER_CUBIC_INCH },
      { names: ['fl oz', 'fl. oz', 'floz', 'fluid ounce', 'fluid ounces'], factor: 6 * CM3_PER_TEASPOON },
      { names: ['tbsp', 'tablespoon', 'tablespoons'], factor: 3 * CM3_PER_TEASPOON },
      { names: ['tsp', 'teaspoon', 'teaspoons'], factor: CM3_PER_TEASPOON },
      { names: ['cm3', 'cc', 'ml', 'milliliter', 'milliliters', 'millilitre', 'millilitres'], factor: 1 },
    ],
  },
  duration: {
    base: 's',
    units: [
      { names: ['h', 'hr', 'hrs', 'hour', 'hours'], factor: 3600 },
      { names: ['min', 'mins', 'minute', 'minutes', "'"], factor: 60 },
      { names: ['s', 'sec', 'secs', 'second', 'seconds', '"'], factor: 1 },
    ],
  },
  speed: {
    base: 'm/s',
    units: [
      { names: ['m/s', 'mps'], factor: 1 },
      { names: ['kn', 'knot', 'knots'], factor: 1852 / 3600 },
      { names: ['mph', 'mi/h'], factor: (5280 * 12 * MM_PER_INCH) / 3_600_000 },
      { names: ['ft/s', 'fps'], factor: (12 * MM_PER_INCH) / 1000 },
      { names: ['km/h', 'kmh', 'kph'], factor: 1 / 3.6 },
      { names: ['cm/s'], factor: 0.01 },
    ],
  },
  pressure: {
    base: 'bar',
    units: [
      { names: ['bar', 'bars'], factor: 1 },
      { names: ['psi', 'lb/in2'], factor: BAR_PER_PSI },
      { names: ['kpa', 'kilopascal', 'kilopascals'], factor: 0.01 },
    ],
  },
  strength: {
    base: 'kgf',
    units: [
      { names: ['kg', 'kgf', 'kilo', 'kilos', 'kilogram', 'kilograms'], factor: 1 },
      { names: ['lb', 'lbs', 'pound', 'pounds', '#'], factor: (16 * GRAMS_PER_OUNCE) / 1000 },
    ],
  },
};

/** The coldest there is, in degrees Celsius. */
export const ABSOLUTE_ZERO_C = -273.15;
