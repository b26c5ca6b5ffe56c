import type { MassUnit } from '@/core/units/write-mass';

/** The units that a text is written in. */
export interface WrittenIn {
  readonly mass: MassUnit;
  readonly length: 'mm' | 'in';
}

/** The units that a screen is set to. */
export interface ScreenUnits extends WrittenIn {
  readonly temperature: 'C' | 'F';
}

/** Where nobody says. */
export const METRIC: ScreenUnits = { mass: 'g', length: 'mm', temperature: 'C' };
