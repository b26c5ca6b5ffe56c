import type { CoatWay } from './definition';

/** Heated one by one, dipped for a moment into powder that air keeps afloat. */
export const FLUID_BED: CoatWay = {
  id: 'fluid-bed',
  name: 'Fluid bed and dip',
  how: 'Heat a head, hold it in the floating powder for a second, knock the excess back into the bed.',
  heaters: ['gun', 'oven', 'flame'],
  overFuseC: 60,
  coolingWm2K: 60,
  filmUm: 90,
  utilization: 0.9,
  atOnce: 'one',
  handS: 8,
  tooShort: 'The film is thin and grainy, edges stay bare.',
  tooLong: 'It takes too much: thick, drips at the nose, hides the detail and fills the eye.',
};
