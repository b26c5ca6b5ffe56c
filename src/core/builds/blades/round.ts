import type { BladeForm } from './definition';

export const round: BladeForm = {
  id: 'round',
  name: 'Round',
  areaShare: 0.77,
  liftCoefficient: 0.75,
  dragCoefficient: 1.1,
  standsDeg: 48,
  thumpShare: 1,
  isOnWire: false,
  outline: [
    [0, 0.2],
    [0.1, 0.62],
    [0.3, 0.94],
    [0.5, 1],
    [0.7, 0.93],
    [0.9, 0.6],
    [1, 0],
  ],
};
