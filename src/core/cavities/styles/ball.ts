import type { HeadStyle } from './definition';
import { ellipse } from './outlines';

export const ball: HeadStyle = {
  key: 'ball',
  name: 'Ball',
  plural: 'balls',
  isHooked: false,
  outline: ellipse(1, 1, 1, 0, 180),
  depth: 1,
  eyeAt: 0.5,
  hookShare: 0,
};
