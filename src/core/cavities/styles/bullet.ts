import type { HeadStyle } from './definition';
import { ellipse, keeper } from './outlines';

export const bullet: HeadStyle = {
  key: 'bullet',
  name: 'Bullet',
  plural: 'bullet heads',
  isHooked: true,
  outline: [...ellipse(1.9, 1.9, 1, 0, 90), [2.6, 1], [2.72, 0.92], [2.74, 0.4], ...keeper(2.76)],
  depth: 1,
  eyeAt: 0.28,
  hookShare: 0.36,
};
