import type { BladeForm } from './definition';

export const leaf: BladeForm = {
  id: 'leaf',
  name: 'Leaf',
  areaShare: 0.69,
  liftCoefficient: 0.32,
  dragCoefficient: 0.45,
  standsDeg: 20,
  thumpShare: 0.45,
  isOnWire: false,
  outline: [
    [0, 0.18],
    [0.08, 0.45],
    [0.25, 0.82],
    [0.45, 1],
    [0.68, 0.86],
    [0.88, 0.45],
    [1, 0],
  ],
};
