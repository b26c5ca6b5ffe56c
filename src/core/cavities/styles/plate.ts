import type { HeadStyle } from './definition';

export const plate: HeadStyle = {
  key: 'plate',
  name: 'Plate',
  plural: 'plates',
  isHooked: false,
  outline: [
    [0, 0],
    [0, 1],
    [2.2, 1],
    [2.2, 0],
  ],
  // Flat: riveted to a feeder.
  depth: 0.28,
  eyeAt: 0.5,
  hookShare: 0,
};
