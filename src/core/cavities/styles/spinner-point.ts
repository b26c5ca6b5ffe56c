import type { HeadStyle } from './definition';
import { keeper } from './outlines';

export const spinnerPoint: HeadStyle = {
  key: 'spinner-point',
  name: 'Pointed spinnerbait',
  plural: 'pointed spinnerbait heads',
  isHooked: true,
  outline: [
    [0, 0],
    [0.1, 0.18],
    [0.9, 0.55],
    [1.8, 0.84],
    [2.5, 0.97],
    [2.9, 1],
    [3.2, 0.94],
    [3.38, 0.74],
    [3.42, 0.4],
    ...keeper(3.44),
  ],
  depth: 0.85,
  eyeAt: 0.05,
  hookShare: 0.34,
};
