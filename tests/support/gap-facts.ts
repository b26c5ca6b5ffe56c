import type { GapFacts } from '../../src/core/pours/explain-gap';

/** A run of a kilogram whose books close. */
export const CLOSED_BOOKS: GapFacts = {
  unaccountedG: 0,
  pouredG: 1000,
  drossG: 0,
  usualDrossShare: 0.02,
  spruePerPourG: 5,
  castingG: 14,
  hooksG: 90,
  heelG: 150,
  pours: 30,
  scaleStepG: 1,
  weighings: 6,
};
