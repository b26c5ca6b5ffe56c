import { z } from 'zod';
import { bindTungsten } from '@/core/metals/bind-tungsten';
import { ELEMENTS } from '@/reference/elements';
import { defineCalculation } from '../calculation';
import { positive, share } from '../fields';

export const metalComposite = defineCalculation({
  name: 'metal.composite',
  summary: 'Density of tungsten powder bound in resin.',
  sources: [
    'Volumes add: rho = s rhoW + (1 - s) rhoBinder',
    'Random close packing 0.64: Scott and Kilgour 1969',
    'Tungsten 19.25 g/cm3: reference list; it melts at 3422 C and is never poured',
  ],
  input: z.strictObject({
    tungstenVolumeShare: share.describe('share of the volume that is tungsten, 0.64 at most'),
    binderDensityGcm3: positive,
  }),
  output: z.strictObject({ densityGcm3: positive, tungstenMassShare: share }),
  example: { tungstenVolumeShare: 0.5, binderDensityGcm3: 1.15 },
  run: ({ tungstenVolumeShare, binderDensityGcm3 }) =>
    bindTungsten(tungstenVolumeShare, binderDensityGcm3, ELEMENTS.W.densityGcm3),
});
