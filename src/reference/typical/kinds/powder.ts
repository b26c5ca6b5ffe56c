import { size } from '../size';
import type { PowderKind } from '../thing-kind';

export const powder: PowderKind = {
  id: 'powder',
  makes: 'powder',
  one: 'Powder',
  many: 'Powder, to coat heads',
  group: 'Powder',
  words: ['powder paint', 'powder coat', 'paint', 'color'],
  source: 'Typical: 177 C for 15 minutes. The card of its maker rules.',
  sizes: [size('2', { metric: '57 g jar', inch: '2 oz jar' })],
  usual: '2',
  pack: 57,
  // 350, 400 and 240 F, as such cards say.
  cureC: (350 - 32) / 1.8,
  cureMin: 15,
  maxC: (400 - 32) / 1.8,
  fuseC: (240 - 32) / 1.8,
  densityGcm3: 1.5,
};
