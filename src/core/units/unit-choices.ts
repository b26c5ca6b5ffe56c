import type { MassUnit } from './write-mass';

/** The unit that a maker reads each quantity in. Each is a choice of its own. */
export interface UnitChoices {
  readonly mass: MassUnit;
  readonly length: 'mm' | 'in';
  readonly temperature: 'C' | 'F';
  /** What a line or a knot bears. */
  readonly strength: 'kg' | 'lb';
  /** Liquids: by the graduated cup, in fluid ounces, or in the cups and spoons of a kitchen. */
  readonly volume: 'ml' | 'fl oz' | 'cup';
  readonly speed: 'm/s' | 'km/h' | 'ft/s' | 'mph';
  /** Depths and casts. */
  readonly depth: 'm' | 'ft';
}

export const METRIC_UNITS: UnitChoices = {
  mass: 'g',
  length: 'mm',
  temperature: 'C',
  strength: 'kg',
  volume: 'ml',
  speed: 'm/s',
  depth: 'm',
};

export const INCH_UNITS: UnitChoices = {
  mass: 'oz-fraction',
  length: 'in',
  temperature: 'F',
  strength: 'lb',
  volume: 'fl oz',
  speed: 'ft/s',
  depth: 'ft',
};
