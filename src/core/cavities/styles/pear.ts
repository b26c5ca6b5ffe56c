import type { HeadStyle } from './definition';
import { ellipse } from './outlines';

export const pear: HeadStyle = {
  key: 'pear',
  name: 'Pear',
  plural: 'pear sinkers',
  isHooked: false,
  outline: [
    [0, 0],
    [0, 0.2],
    [0.4, 0.24],
    [1, 0.42],
    [1.7, 0.74],
    [2.2, 0.94],
    ...ellipse(2.5, 1, 1, 90, 180),
  ],
  depth: 1,
  eyeAt: 0,
  hookShare: 0,
};
