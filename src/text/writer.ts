import { CM3_PER_CUBIC_INCH, GRAMS_PER_OUNCE } from '@/core/units/quantities';
import { inchText } from './inch-text';
import { numberText } from './number-text';
import { massText, temperatureText } from './words';
import type { ScreenUnits } from './written-in';

/** How a sentence writes what is measured. */
export interface Writer {
  readonly mass: (g: number) => string;
  readonly length: (mm: number) => string;
  readonly temperature: (celsius: number) => string;
  readonly volume: (cm3: number) => string;
}

/** The units in which everything is computed: what the command line and the interface for programs answer in. */
export const IN_BASE_UNITS: Writer = {
  mass: (g) => `${numberText(g)} g`,
  length: (mm) => `${numberText(mm, 7)} mm`,
  temperature: (celsius) => `${numberText(celsius)} C`,
  volume: (cm3) => `${numberText(cm3)} cm3`,
};

/** The room of a cavity, `0.88 cm³`, `0.0537 in³`: a drill and a rule measure it, no cup does. */
export const roomText = (cm3: number, length: 'mm' | 'in', digits = 3): string =>
  length === 'mm' ? `${numberText(cm3, digits)} cm³` : `${numberText(cm3 / CM3_PER_CUBIC_INCH, digits)} in³`;

/**
 * What a room filled with a metal weighs, `10.81 g/cm³`, `6.25 oz/in³`: by what it is multiplied with the rooms of that unit.
 *
 * @example fillText(10.81, 'in') // '6.249 oz/in³'
 */
export const fillText = (gPerCm3: number, length: 'mm' | 'in', digits = 4): string =>
  length === 'mm'
    ? `${numberText(gPerCm3, digits)} g/cm³`
    : `${numberText((gPerCm3 * CM3_PER_CUBIC_INCH) / GRAMS_PER_OUNCE, digits)} oz/in³`;

const CM2_PER_SQUARE_INCH = 6.4516;

/** The skin of a body, `4.2 cm²`, `0.65 in²`. */
export const areaText = (cm2: number, length: 'mm' | 'in', digits = 3): string =>
  length === 'mm' ? `${numberText(cm2, digits)} cm²` : `${numberText(cm2 / CM2_PER_SQUARE_INCH, digits)} in²`;

/**
 * Writes in the units of a screen.
 *
 * @example writerIn(INCHES).temperature(177) // '351 °F'
 */
export function writerIn({ mass, length, temperature }: ScreenUnits): Writer {
  return {
    mass: mass === 'g' ? IN_BASE_UNITS.mass : (g) => massText(g, mass),
    length: length === 'mm' ? IN_BASE_UNITS.length : inchText,
    temperature: (celsius) => temperatureText(celsius, temperature),
    volume: (cm3) => roomText(cm3, length),
  };
}
