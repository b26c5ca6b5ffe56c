import type { HeadStyle } from './definition';

export const walking: HeadStyle = {
  key: 'walking',
  name: 'Walking sinker',
  plural: 'walking sinkers',
  isHooked: false,
  outline: [
    [0, 0],
    [0, 0.3],
    [3.1, 1],
    [7.1, 1],
    [8.4, 0.5],
    [8.4, 0],
  ],
  depth: 1,
  eyeAt: 0.98,
  hookShare: 0,
};
