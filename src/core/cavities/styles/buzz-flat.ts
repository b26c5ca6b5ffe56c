import type { HeadStyle } from './definition';
import { keeper } from './outlines';

/** Wide and flat below, so that it planes up. */
export const buzzFlat: HeadStyle = {
  key: 'buzz-flat',
  name: 'Flat buzzbait',
  plural: 'flat buzzbait heads',
  isHooked: true,
  outline: [
    [0, 0],
    [0.08, 0.3],
    [0.7, 0.72],
    [1.5, 0.98],
    [1.9, 1],
    [2.3, 0.88],
    [2.5, 0.6],
    [2.54, 0.4],
    ...keeper(2.56),
  ],
  depth: 1.6,
  eyeAt: 0.06,
  hookShare: 0.32,
};
