import { PLASTIC_GCM3 } from '../densities';
import { partKind } from '../part-kind';
import { byLength, round, size } from '../size';
import type { PartKind } from '../thing-kind';

/** Of a rod as thick and as long as the bait, what the bait fills. */
type Row = readonly [key: string, lengthMm: number, bodyMm: number];

/** Soft baits by their length in inches, which is how they are sold everywhere. */
function plastic(
  said: Pick<PartKind, 'id' | 'one' | 'many' | 'words' | 'usual' | 'shape'>,
  fills: number,
  rows: readonly Row[],
): PartKind {
  return partKind({
    ...said,
    group: 'Plastics',
    as: 'trailer',
    plastic: 'soft',
    source: `Typical: such a bait fills some ${Math.round(fills * 100)} % of a rod of its length and body. Weigh ten.`,
    sizes: rows.map(([key, lengthMm, bodyMm]) =>
      size(key, {
        sizes: { lengthMm, bodyMm },
        massG: round(((Math.PI / 4) * bodyMm ** 2 * lengthMm * fills * PLASTIC_GCM3) / 1000, 2),
        ...byLength(lengthMm, key),
      }),
    ),
    pack: 10,
  });
}

export const paddleTail = plastic(
  {
    id: 'paddle-tail',
    shape: 'paddle',
    one: 'Paddle tail',
    many: 'Paddle tails',
    words: ['swimbait', 'shad', 'trailer', 'kicker'],
    usual: '3.5',
  },
  0.62,
  [
    ['2.8', 71, 13],
    ['3.5', 89, 16],
    ['4', 102, 18],
    ['5', 127, 22],
  ],
);

export const grub = plastic(
  {
    id: 'grub',
    shape: 'grub',
    one: 'Grub',
    many: 'Grubs, curly tail',
    words: ['twister', 'curl tail', 'trailer'],
    usual: '3',
  },
  0.5,
  [
    ['2', 51, 8],
    ['3', 76, 10],
    ['4', 102, 12.5],
    ['5', 127, 15],
  ],
);

export const clawTrailer = plastic(
  {
    id: 'claw',
    shape: 'claw',
    one: 'Claw trailer',
    many: 'Claw trailers',
    words: ['craw', 'crawfish', 'crab', 'jig trailer', 'pincer'],
    usual: '3',
  },
  0.75,
  [
    ['2.5', 64, 10],
    ['3', 76, 12],
    ['4', 102, 15],
  ],
);

export const chunk = plastic(
  {
    id: 'chunk',
    shape: 'chunk',
    one: 'Chunk',
    many: 'Chunks',
    words: ['frog chunk', 'jig trailer'],
    usual: '3',
  },
  0.8,
  [
    ['2', 51, 11],
    ['3', 76, 14],
    ['4', 102, 17],
  ],
);

export const worm = plastic(
  {
    id: 'worm',
    shape: 'worm',
    one: 'Worm',
    many: 'Worms and stick baits',
    words: ['stickbait', 'trailer', 'stop', 'finesse'],
    usual: '5',
  },
  0.85,
  [
    ['3', 76, 6.5],
    ['4', 102, 8],
    ['5', 127, 9],
    ['6', 152, 9.5],
    ['7', 178, 10],
  ],
);

/** Rind in brine, a little heavier than water. */
const PORK_GCM3 = 1.07;

export const pork: PartKind = partKind({
  id: 'pork',
  one: 'Pork chunk',
  many: 'Pork chunks and strips',
  group: 'Plastics',
  as: 'trailer',
  shape: 'pork',
  words: ['pork rind', 'rind', 'frog', 'strip', 'jig trailer'],
  source: 'Typical: rind fills some 45 % of a box of its length and twice its thickness. Weigh ten, wet.',
  sizes: (
    [
      ['2', 51, 12],
      ['2 3/4', 70, 15],
      ['4', 102, 15],
    ] as const
  ).map(([key, lengthMm, bodyMm]) =>
    size(key, {
      sizes: { lengthMm, bodyMm },
      massG: round((lengthMm * bodyMm * (bodyMm / 4) * 0.45 * PORK_GCM3) / 1000, 2),
      ...byLength(lengthMm, key),
    }),
  ),
  usual: '2 3/4',
  pack: 8,
});
