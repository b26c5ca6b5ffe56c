import type { HeadStyle } from './definition';

export const cone: HeadStyle = {
  key: 'cone',
  name: 'Cone',
  plural: 'cones',
  isHooked: false,
  outline: [
    [0, 0],
    [0, 0.19],
    [2.5, 1],
    [2.5, 0],
  ],
  depth: 1,
  eyeAt: 0.1,
  hookShare: 0,
};
