import type { HeadStyle } from './definition';

export const bell: HeadStyle = {
  key: 'bell',
  name: 'Bell',
  plural: 'bells',
  isHooked: false,
  outline: [
    [0, 0],
    [0, 0.35],
    [0.48, 0.37],
    [0.96, 0.43],
    [1.44, 0.56],
    [1.92, 0.74],
    [2.4, 0.92],
    [2.78, 1],
    [3.04, 0.97],
    [3.2, 0.87],
    [3.2, 0],
  ],
  depth: 1,
  eyeAt: 0.05,
  hookShare: 0,
};
