import type { MassUnit } from '@/core/units/write-mass';

/** The units that a text is written in. */
export interface WrittenIn {
  readonly mass: MassUnit;
  readonly length: 'mm' | 'in';
}

/** Where nobody says. */
export const METRIC: WrittenIn = { mass: 'g', length: 'mm' };
