import type { PlasticAdded, PlasticBatchRecord, PlasticRecord } from '@/records/plastic';
import type { DemoTools } from './tools';

const drops = (id: string, name: string, amount: number, hex: string): PlasticAdded => ({
  id,
  name,
  as: 'drops',
  amount,
  hex,
  sizeMm: null,
  tooMuch: false,
});
const flake = (id: string, name: string, amount: number, hex: string, sizeMm: number): PlasticAdded => ({
  id,
  name,
  as: 'flake',
  amount,
  hex,
  sizeMm,
  tooMuch: false,
});

/** Colors of soft plastic as they were stirred, step by step. */
export function demoPlastics(tools: DemoTools): PlasticRecord[] {
  return [
    {
      id: 'plastic-weir-green',
      name: 'Weir green',
      colors: [
        {
          splitShare: 1,
          baseCm3: 120,
          added: [
            drops('wg-1', 'Leaf green', 6, '#4f7a2a'),
            drops('wg-2', 'Brown', 2, '#6b4a2a'),
            drops('wg-3', 'Leaf green', 2, '#4f7a2a'),
            { ...drops('wg-4', 'Brown', 1, '#6b4a2a'), tooMuch: true },
            flake('wg-5', 'Black flake', 0.5, '#1d1d1d', 0.4),
            flake('wg-6', 'Copper flake', 0.25, '#b8743a', 1),
          ],
        },
      ],
      plastic: 'soft',
      createdAt: tools.at(-29, 20),
      retired: false,
      note: 'The third drop of brown was one too many.',
    },
    {
      id: 'plastic-roach-side',
      name: 'Roach, two sides',
      colors: [
        {
          splitShare: 0.4,
          baseCm3: 60,
          added: [drops('rs-3', 'Blue', 3, '#3b5878'), drops('rs-4', 'Black', 1, '#22242a')],
        },
        {
          splitShare: 0.6,
          baseCm3: 80,
          added: [drops('rs-1', 'White', 5, '#e8e6dc'), flake('rs-2', 'Silver flake', 0.5, '#c9ced2', 0.4)],
        },
      ],
      plastic: 'soft',
      createdAt: tools.at(-14, 20),
      retired: false,
      note: '',
    },
  ];
}

/** Batches poured of them. */
export function demoPlasticBatches(tools: DemoTools): PlasticBatchRecord[] {
  return [
    {
      id: 'plastic-batch-1',
      no: 1,
      plasticId: 'plastic-weir-green',
      at: tools.at(-28, 19),
      shots: [{ name: 'Grub 75 mm', pieceCm3: 4.2, count: 24, cavities: 4, runnerCm3: 2.5 }],
      lossShare: 0.08,
      mixed: [
        {
          plasticCm3: (24 * 4.2 + 6 * 2.5) / 0.92,
          additives: [{ name: 'Leaf green', amount: 8.4, unit: 'drops' }],
        },
      ],
      good: 22,
      blockCm3: 18,
      binId: null,
      note: 'Two short shots.',
    },
  ];
}
