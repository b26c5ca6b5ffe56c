import type { BladeForm } from './definition';

export const drop: BladeForm = {
  id: 'drop',
  name: 'Drop',
  areaShare: 0.67,
  liftCoefficient: 0.5,
  dragCoefficient: 0.75,
  standsDeg: 34,
  thumpShare: 0.75,
  isOnWire: false,
  outline: [
    [0, 0.14],
    [0.14, 0.36],
    [0.36, 0.72],
    [0.6, 1],
    [0.8, 0.92],
    [0.94, 0.52],
    [1, 0],
  ],
};
