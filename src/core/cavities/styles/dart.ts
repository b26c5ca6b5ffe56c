import type { HeadStyle } from './definition';
import { keeper } from './outlines';

export const dart: HeadStyle = {
  key: 'dart',
  name: 'Dart',
  plural: 'dart heads',
  isHooked: true,
  outline: [
    [0, 0],
    [0.06, 0.16],
    [1.1, 0.62],
    [2.1, 0.92],
    [2.35, 1],
    [2.5, 0.94],
    [2.56, 0.5],
    ...keeper(2.58),
  ],
  depth: 0.8,
  eyeAt: 0.34,
  hookShare: 0.38,
};
