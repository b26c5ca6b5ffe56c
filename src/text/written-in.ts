import { INCH_UNITS, METRIC_UNITS, type UnitChoices } from '@/core/units/unit-choices';

/** The units that a screen is set to. */
export type ScreenUnits = UnitChoices;

/** The units that a text without temperatures is written in. */
export type WrittenIn = Omit<ScreenUnits, 'temperature'>;

/** Where nobody says. */
export const METRIC: ScreenUnits = METRIC_UNITS;

/** Ounces in sixteenths, inches on a rule, Fahrenheit, pounds, feet. */
export const INCHES: ScreenUnits = INCH_UNITS;
