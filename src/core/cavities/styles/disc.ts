import type { HeadStyle } from './definition';

export const disc: HeadStyle = {
  key: 'disc',
  name: 'Disc',
  plural: 'discs',
  isHooked: false,
  outline: [
    [0, 0],
    [0, 1],
    [0.4, 1],
    [0.4, 0],
  ],
  depth: 1,
  eyeAt: 0.5,
  hookShare: 0,
};
