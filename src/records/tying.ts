import { z } from 'zod';
import { cardRun } from './card-run';
import { id, positive, ref } from './fields';

const tabPieces = z.strictObject({
  /** Of a whole tab; 1 for a whole one. */
  share: positive(1),
  count: z.int().min(1).max(100_000),
});

/** What a run took of one bin, and what went back into it when it ended. */
const takenOf = z.strictObject({
  binId: ref('bins'),
  /** Tabs by their pieces; empty for what is not cut in tabs. */
  pieces: z.array(tabPieces).max(200),
  /** What is not cut in tabs: g, or pieces. */
  qty: z.number().min(0).max(1e6),
});

/** A run of skirts of one recipe: what was pulled for it, where the card stands, what came of it. */
export const tying = z.strictObject({
  ...cardRun,
  state: z.enum(['tying', 'tied', 'dropped']),
  skirtId: ref('skirts'),
  /** On these heads; null for loose skirts that go on the shelf. */
  headBinId: ref('bins', 'head').nullable(),
  ticketId: id.nullable(),
  lineId: id.nullable(),
  /** For this run only: another material in a layer. */
  swaps: z.array(z.strictObject({ layerId: id, binId: ref('bins') })).max(40),
  taken: z.array(takenOf).max(80),
  putBack: z.array(takenOf).max(80),
});

export type TakenOf = z.infer<typeof takenOf>;
export type Tying = z.infer<typeof tying>;
