import { UPGRADES } from './upgrades/upgrade-contents';
import { z } from 'zod';
import { historyEntry } from './history-entry';
import { TABLES } from './tables';

export const BENCH_FILE_FORMAT = 'ruvek-bench';
/** Counts up with every change of form; `upgrades/` brings older files up. */
export const BENCH_FILE_VERSION = UPGRADES.length + 1;

/** Every table of the bench, the history among them. */
export const ALL_TABLES = {
  ...TABLES,
  acts: { schema: historyEntry, one: 'history entry', all: 'history entries' },
} as const;

type Lists = {
  [Table in keyof typeof ALL_TABLES]: z.ZodArray<(typeof ALL_TABLES)[Table]['schema']>;
};

const lists = Object.fromEntries(
  Object.entries(ALL_TABLES).map(([table, { schema }]) => [table, z.array(schema)]),
) as unknown as Lists;

/** Everything on the bench. */
const benchContents = z.strictObject({ ...lists, bench: lists.bench.max(1) });

export const benchFile = z.strictObject({
  format: z.literal(BENCH_FILE_FORMAT),
  version: z.literal(BENCH_FILE_VERSION),
  savedAt: z.int().min(0),
  contents: benchContents,
});

export type BenchContents = z.infer<typeof benchContents>;
export type BenchFile = z.infer<typeof benchFile>;
export type ContentsTable = keyof BenchContents;

/** The names of them, in the order in which a file lists them. */
export const CONTENTS_TABLES = Object.keys(ALL_TABLES) as ContentsTable[];

export const EMPTY_CONTENTS = Object.fromEntries(
  CONTENTS_TABLES.map((table) => [table, []]),
) as unknown as BenchContents;
