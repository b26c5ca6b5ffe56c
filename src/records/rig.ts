import { z } from 'zod';
import { RIG_END_IDS } from '@/core/rigs/ends';
import { RIG_KIND_IDS } from '@/core/rigs/kinds';
import { cardRun } from './card-run';
import { id, instant, mostOfBin, name, note, pieces, positive, ref, serial } from './fields';
import { ownSteps } from './own-steps';

const MOST_RIG_ITEMS = 40;

const end = z.enum(RIG_END_IDS);
const word = z.string().min(1).max(40);

const item = z.strictObject({
  id,
  /** The place of its kind that it fills; null for what was added besides. */
  place: word.nullable(),
  binId: ref('bins'),
  /** The item it hangs from; null on the main run. */
  on: id.nullable(),
  /** Of a line between its ends, of a tube as it is cut; null for what has its own length. */
  lengthMm: positive(50_000).nullable(),
  /** Of a line: how it ends above and below. */
  ends: z.tuple([end, end]).nullable(),
  /** Of what is threaded: how far down its line; null where it slides. */
  atMm: z.number().min(0).max(50_000).nullable(),
  count: z.int().min(1).max(200),
  /** Of a hook: point to the other side. */
  isTurned: z.boolean(),
});

/** A rig, one version of it. What was made of a version stays as it was. */
export const rig = z.strictObject({
  id,
  /** Shared by all versions. */
  family: id,
  version: z.int().min(1).max(9999),
  name,
  kind: z.enum(RIG_KIND_IDS),
  /** What its kind was asked for, by what the kind calls it. */
  wants: z.record(word, z.number().min(0).max(100_000)),
  picks: z.record(word, word),
  /** From the top down, a branch behind what it hangs from. */
  items: z.array(item).min(1).max(MOST_RIG_ITEMS),
  createdAt: instant,
  retired: z.boolean(),
  ownSteps,
  note,
});

/** One roll, stick or offcut as it was cut for a run. */
const cutLength = z.strictObject({
  binId: ref('bins'),
  /** Which roll or stick; null for what was never told apart. */
  lengthId: id.nullable(),
  fromMm: positive(mostOfBin),
  cuts: z
    .array(z.strictObject({ name: z.string().max(120), lengthMm: positive(mostOfBin), count: pieces.min(1) }))
    .max(80),
  leftMm: z.number().min(0).max(mostOfBin),
  /** What is left goes back as an offcut; else it is too short for anything. */
  isKept: z.boolean(),
});

/** A run of one rig: what was pulled and cut for it, where the card stands, what came of it. */
export const rigging = z.strictObject({
  ...cardRun,
  state: z.enum(['rigging', 'made', 'dropped']),
  rigId: ref('rigs'),
  cut: z.array(cutLength).max(400),
  /** How many of all cuts are made. */
  cutDone: z.int().min(0).max(1e6),
});

/** How much a way of ending takes, learned from one made piece. */
export const allowance = z.strictObject({
  id,
  end,
  /** Of this line; null for every line. */
  binId: ref('bins').nullable(),
  mm: z.number().min(0).max(2000),
  cutMm: positive(50_000),
  madeMm: positive(50_000),
  at: instant,
});

/** A line tied or crimped and pulled until it broke. */
export const pull = z.strictObject({ id, end, binId: ref('bins'), brokeKgf: positive(5000), at: instant });

/** What suits what, as the maker tried it: over the shipped line of the same range. */
export const match = z.strictObject({
  id,
  table: word,
  from: z.number().min(0).max(10_000),
  to: positive(10_000),
  takes: positive(1000),
  at: instant,
  note,
});

/** Packed for one outing, and booked back after it. */
export const kit = z.strictObject({
  id,
  no: serial,
  name,
  state: z.enum(['packed', 'back']),
  lines: z
    .array(
      z.strictObject({ binId: ref('bins'), qty: positive(1e6), back: z.number().min(0).max(1e6).nullable() }),
    )
    .min(1)
    .max(80),
  packedAt: instant,
  backAt: instant.nullable(),
  note,
});

export type RigRecord = z.infer<typeof rig>;
export type RigItemRecord = RigRecord['items'][number];
export type Rigging = z.infer<typeof rigging>;
export type CutLength = z.infer<typeof cutLength>;
export type Allowance = z.infer<typeof allowance>;
export type Pull = z.infer<typeof pull>;
export type Match = z.infer<typeof match>;
export type Kit = z.infer<typeof kit>;

/** A rig as it is written: a new one without a family, a new version with its. */
export type NewRig = Omit<RigRecord, 'id' | 'family' | 'version' | 'createdAt' | 'retired' | 'ownSteps'> & {
  readonly family: string | null;
};
