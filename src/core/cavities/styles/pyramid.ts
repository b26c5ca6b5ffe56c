import type { HeadStyle } from './definition';

export const pyramid: HeadStyle = {
  key: 'pyramid',
  name: 'Pyramid',
  plural: 'pyramids',
  isHooked: false,
  outline: [
    [0, 0],
    [0, 0.15],
    [3.4, 1],
    [3.4, 0],
  ],
  // A square is 4 / pi times the area of the circle in it.
  depth: 4 / Math.PI,
  eyeAt: 0.95,
  hookShare: 0,
};
