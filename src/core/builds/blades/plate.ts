import type { BladeForm } from './definition';

export const plate: BladeForm = {
  id: 'plate',
  name: 'Plate',
  areaShare: 0.91,
  liftCoefficient: 0.55,
  dragCoefficient: 1.2,
  standsDeg: 70,
  thumpShare: 0.85,
  isOnWire: false,
  outline: [
    [0, 0.55],
    [0.1, 0.85],
    [0.35, 1],
    [0.75, 1],
    [0.94, 0.8],
    [1, 0.4],
  ],
};
