import type { HeadStyle } from './definition';
import { ellipse } from './outlines';

export const egg: HeadStyle = {
  key: 'egg',
  name: 'Egg',
  plural: 'egg sinkers',
  isHooked: false,
  outline: ellipse(1.45, 1.45, 1, 0, 180),
  depth: 1,
  eyeAt: 0,
  hookShare: 0,
};
