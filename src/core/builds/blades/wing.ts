import type { BladeForm } from './definition';

export const wing: BladeForm = {
  id: 'wing',
  name: 'Winged',
  areaShare: 0.81,
  liftCoefficient: 0.85,
  dragCoefficient: 1.25,
  standsDeg: 0,
  thumpShare: 0.9,
  isOnWire: true,
  outline: [
    [0, 0.3],
    [0.12, 0.96],
    [0.3, 1],
    [0.5, 0.55],
    [0.7, 1],
    [0.88, 0.96],
    [1, 0.3],
  ],
};
