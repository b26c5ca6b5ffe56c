import { z } from 'zod';
import {
  colorHex,
  id,
  instant,
  name,
  note,
  pieces,
  positive,
  ref,
  serial,
  share,
  shareUnderOne,
} from './fields';

/** Something stirred in, as often as it was. */
const added = z.strictObject({
  id,
  name,
  /** Drops of color, or part-spoons of flake. */
  as: z.enum(['drops', 'flake']),
  amount: positive(10_000),
  hex: colorHex,
  /** Of flake. */
  sizeMm: positive(5).nullable(),
  /** The one that was too many: logged, left out of the recipe. */
  tooMuch: z.boolean(),
});

const color = z.strictObject({
  /** Its share of the bait, 1 of a single color. */
  splitShare: share,
  /** The plastic that it was counted into. */
  baseCm3: positive(100_000),
  added: z.array(added).max(60),
});

/** A color of soft plastic, or two laid side by side. */
export const plastic = z.strictObject({
  id,
  name,
  colors: z.array(color).min(1).max(2),
  plastic: z.enum(['soft', 'stretch']),
  createdAt: instant,
  retired: z.boolean(),
  note,
});

/** A batch as it was poured. */
export const plasticBatch = z.strictObject({
  id,
  no: serial,
  plasticId: ref('plastics'),
  at: instant,
  shots: z
    .array(
      z.strictObject({
        name,
        pieceCm3: positive(1000),
        count: pieces,
        cavities: z.int().min(1).max(200),
        runnerCm3: z.number().min(0).max(1000),
      }),
    )
    .min(1)
    .max(20),
  lossShare: shareUnderOne,
  /** By color: how much plastic, and what was stirred in. */
  mixed: z
    .array(
      z.strictObject({
        plasticCm3: z.number().min(0).max(1e6),
        additives: z
          .array(
            z.strictObject({ name, amount: z.number().min(0).max(1e6), unit: z.string().min(1).max(20) }),
          )
          .max(60),
      }),
    )
    .min(1)
    .max(2),
  /** Baits that came out well. */
  good: pieces,
  /** What set in the cup, to be melted again. */
  blockCm3: z.number().min(0).max(1e6),
  /** Where the baits lie; null where nobody put them on the shelf. */
  binId: ref('bins').nullable(),
  note,
});

export type PlasticRecord = z.infer<typeof plastic>;
export type PlasticColor = z.infer<typeof color>;
export type PlasticAdded = z.infer<typeof added>;
export type PlasticBatchRecord = z.infer<typeof plasticBatch>;

export type NewPlastic = Omit<PlasticRecord, 'id' | 'createdAt' | 'retired'>;
