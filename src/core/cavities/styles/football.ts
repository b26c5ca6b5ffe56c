import type { HeadStyle } from './definition';
import { ellipse, keeper } from './outlines';

export const football: HeadStyle = {
  key: 'football',
  name: 'Football',
  plural: 'football heads',
  isHooked: true,
  outline: [...ellipse(0.92, 0.92, 1, 0, 163), ...keeper(1.8)],
  depth: 1.7,
  eyeAt: 0.24,
  hookShare: 0.3,
};
