import type { CoatWay } from './definition';

/** A rack preheated in the oven, then dusted or sprayed from both sides. */
export const OVEN_DUST: CoatWay = {
  id: 'oven-dust',
  name: 'Oven and dust',
  how: 'Heat the hung rack through, take it out, dust or spray both sides from a little above, in a booth.',
  heaters: ['oven'],
  overFuseC: 45,
  coolingWm2K: 15,
  filmUm: 70,
  utilization: 0.45,
  atOnce: 'rack',
  handS: 4,
  tooShort: 'The last heads of the rack are too cold: powder sits dry and blows off.',
  tooLong: 'Only time is lost, unless the oven stands near what the metal bears.',
};
