import type { CoatWay } from './definition';

/** One head at a time over a flame or a heat gun, swirled in fluffed powder. */
export const FLAME_DIP: CoatWay = {
  id: 'flame-dip',
  name: 'Flame and dip',
  how: 'Hold one head in the heat by its hook, turn it, swirl it through fluffed powder, tap the rest off.',
  heaters: ['gun', 'flame'],
  overFuseC: 70,
  coolingWm2K: 25,
  filmUm: 110,
  utilization: 0.8,
  atOnce: 'one',
  handS: 12,
  tooShort: 'Powder falls off again, or leaves bare spots along the thick side.',
  tooLong: 'It blisters and smokes at once, runs into the eye, and a thin keeper slumps.',
};
