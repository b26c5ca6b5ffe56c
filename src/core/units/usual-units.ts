import { INCH_UNITS, METRIC_UNITS, type UnitChoices } from './unit-choices';

/** In which units, on which paper and in which money a maker of a region usually works. */
export interface UsualUnits extends UnitChoices {
  readonly dates: 'month-first' | 'day-first';
  readonly clock: '24' | '12';
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

/** How days and hours are written in a language; as in most of the world where it is no tag. */
function datesOf(language: string): Pick<UsualUnits, 'dates' | 'clock'> {
  try {
    const parts = new Intl.DateTimeFormat(language, { month: 'numeric', day: 'numeric' }).formatToParts(0);
    const first = parts.find(({ type }) => type === 'day' || type === 'month')?.type;
    const { hour12 } = new Intl.DateTimeFormat(language, { hour: 'numeric' }).resolvedOptions();
    return { dates: first === 'month' ? 'month-first' : 'day-first', clock: hour12 ? '12' : '24' };
  } catch {
    return { dates: 'day-first', clock: '24' };
  }
}

/**
 * What a maker's units most likely are, by the language of the browser. A guess: each is one press away from another.
 *
 * @example usualUnits('en-US') // ounces, inches, F, pounds, feet; Letter, $, the month first, twelve hours
 */
export function usualUnits(language: string): UsualUnits {
  const region = regionOf(language) ?? '';
  const isInch = INCH_REGIONS.includes(region);
  return {
    ...(isInch ? INCH_UNITS : METRIC_UNITS),
    ...datesOf(language),
    paper: LETTER_REGIONS.includes(region) ? 'letter' : 'a4',
    sign: SIGNS[region] ?? '€',
  };
}
