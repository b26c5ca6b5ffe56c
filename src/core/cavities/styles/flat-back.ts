import type { HeadStyle } from './definition';

export const flatBack: HeadStyle = {
  key: 'flat-back',
  name: 'Flat back',
  plural: 'flat backs',
  isHooked: false,
  outline: [
    [0, 0],
    [0.25, 0.55],
    [0.6, 0.82],
    [1.1, 0.98],
    [1.5, 1],
    [2, 0.92],
    [2.5, 0.74],
    [2.9, 0.45],
    [3.1, 0],
  ],
  // Half of a body a little less high than wide.
  depth: 0.41,
  eyeAt: 0.05,
  hookShare: 0,
};
