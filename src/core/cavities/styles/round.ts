import type { HeadStyle } from './definition';
import { ellipse, keeper } from './outlines';

export const round: HeadStyle = {
  key: 'round',
  name: 'Round',
  plural: 'round heads',
  isHooked: true,
  outline: [...ellipse(1, 1, 1, 0, 163), ...keeper(1.96)],
  depth: 1,
  eyeAt: 0.3,
  hookShare: 0.3,
};
