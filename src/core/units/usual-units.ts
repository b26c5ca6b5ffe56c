import type { MassUnit } from './write-mass';

/** In which units, on which paper and in which money a maker of a region usually works. */
export interface UsualUnits {
  readonly mass: MassUnit;
  readonly length: 'mm' | 'in';
  readonly temperature: 'C' | 'F';
  readonly paper: 'a4' | 'letter';
  readonly sign: string;
}

/** Where inches, ounces and Fahrenheit are in daily use. */
const INCH_REGIONS = ['US', 'LR', 'MM'];
/** Where printers hold Letter. */
const LETTER_REGIONS = ['US', 'CA', 'MX', 'PH', 'CL', 'CO', 'VE', 'CR', 'GT', 'PA', 'DO', 'PR'];

const SIGNS: Readonly<Record<string, string>> = {
  US: '$',
  CA: '$',
  AU: '$',
  NZ: '$',
  GB: '£',
  SE: 'kr',
  NO: 'kr',
  DK: 'kr',
  IS: 'kr',
  CH: 'Fr.',
  PL: 'zł',
  CZ: 'Kč',
  HU: 'Ft',
  ZA: 'R',
  JP: '¥',
};

/** The region of a language tag such as `en-US`; the most likely one where it names none; undefined where it is no tag. */
function regionOf(language: string): string | undefined {
  try {
    return new Intl.Locale(language).maximize().region;
  } catch {
    return undefined;
  }
}

/**
 * What a maker's units most likely are, by the language of the browser. A guess: each is one press away from another.
 *
 * @example usualUnits('en-US') // { mass: 'oz-fraction', length: 'in', temperature: 'F', paper: 'letter', sign: '$' }
 */
export function usualUnits(language: string): UsualUnits {
  const region = regionOf(language) ?? '';
  const isInch = INCH_REGIONS.includes(region);
  return {
    mass: isInch ? 'oz-fraction' : 'g',
    length: isInch ? 'in' : 'mm',
    temperature: isInch ? 'F' : 'C',
    paper: LETTER_REGIONS.includes(region) ? 'letter' : 'a4',
    sign: SIGNS[region] ?? '€',
  };
}
