import { size } from '../size';
import type { PowderKind } from '../thing-kind';

export const powder: PowderKind = {
  id: 'powder',
  makes: 'powder',
  one: 'Powder',
  many: 'Powder, to coat heads',
  group: 'Powder',
  words: ['powder paint', 'powder coat', 'paint', 'color'],
  source: 'Typical: 177 C (350 F) for 15 minutes. The card of its maker rules.',
  sizes: [size('2', { metric: '57 g jar', inch: '2 oz jar' })],
  usual: '2',
  pack: 57,
  cureC: 177,
  cureMin: 15,
  maxC: 205,
  fuseC: 115,
  densityGcm3: 1.5,
};
