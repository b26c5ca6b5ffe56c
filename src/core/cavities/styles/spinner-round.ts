import type { HeadStyle } from './definition';
import { ellipse, keeper } from './outlines';

export const spinnerRound: HeadStyle = {
  key: 'spinner-round',
  name: 'Round-nosed spinnerbait',
  plural: 'round-nosed spinnerbait heads',
  isHooked: true,
  outline: [
    ...ellipse(1.05, 1.05, 1, 0, 90),
    [1.7, 0.97],
    [2.2, 0.82],
    [2.5, 0.6],
    [2.56, 0.4],
    ...keeper(2.58),
  ],
  depth: 0.9,
  eyeAt: 0.06,
  hookShare: 0.34,
};
