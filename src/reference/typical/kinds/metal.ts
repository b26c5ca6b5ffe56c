import { REFERENCE_METALS, UNPOURED_METALS } from '../../metals';
import { size } from '../size';
import type { MetalKind } from '../thing-kind';

/** Not one of the listed: scrap that nobody knows. */
export const SCRAP_KEY = 'scrap';

export const metal: MetalKind = {
  id: 'metal',
  makes: 'metal',
  one: 'Metal',
  many: 'Metal to pour',
  group: 'Metal',
  words: ['lead', 'tin', 'pewter', 'bismuth', 'alloy', 'ingot', 'scrap', 'lot', 'bar', 'tungsten', 'resin'],
  source: 'The list of metals.',
  sizes: [
    ...REFERENCE_METALS.map(({ key, name }) => size(key, { metric: name, inch: name })),
    // Sintered heads are bought as heads; powder in resin is pressed into a mold like any metal.
    ...UNPOURED_METALS.filter(({ isMolded }) => isMolded).map(({ key, name }) =>
      size(key, { metric: name, inch: name }),
    ),
    size(SCRAP_KEY, { metric: 'Scrap nobody knows', inch: 'Scrap nobody knows' }),
  ],
  usual: 'lead-4',
  pack: 1000,
};
