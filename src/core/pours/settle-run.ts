import { sum } from '../numeric/sum';
import type { Casting } from './next-pour';

export interface SettledRunFacts {
  readonly metalBinId: string;
  readonly chargedG: number;
  readonly blocks: readonly { readonly moldId: string; readonly spruePerPourG: number }[];
  readonly heads: readonly { readonly key: string; readonly hookBinId: string | null }[];
  readonly cells: readonly {
    readonly moldId: string;
    readonly cavity: number;
    readonly key: string;
    readonly metalG: number;
  }[];
  readonly wants: readonly {
    readonly key: string;
    readonly ticketId: string;
    readonly lineId: string;
    readonly count: number;
  }[];
}

export interface SettledPour {
  readonly moldId: string;
  readonly castings: readonly Casting[];
}

export interface SettledFigures {
  readonly goodG: number;
  readonly rejectedG: number;
  readonly sprueG: number;
  readonly drossG: number;
  readonly potLeftG: number;
  readonly good: number;
  readonly misfilled: number;
  /** Good castings that nobody asked for. */
  readonly surplus: number;
}

export interface Settlement {
  readonly figures: SettledFigures;
  /** Good heads by key: who gets them; no ticket for what is over. */
  readonly heads: readonly { key: string; ticketId: string | null; lineId: string | null; count: number }[];
  /** Hooks cast in, good or not, by bin. */
  readonly hooks: ReadonlyMap<string, number>;
}

/**
 * The books of a run, from its pours: heads to whom they belong, hooks gone, metal in g. What was charged is
 * good castings, rejects, sprues, dross and what is left in the pot; rejects, sprues and the rest go back.
 *
 * `potLeftG` is below 0 where more was cast than was charged: the caller says so to the maker.
 * Throws where a pour names a casting that the run has no cell for.
 *
 * @example
 * // 1000 g charged, 3 good of 10 g and a misfill, 2 pours with 5 g sprue, 4 g dross:
 * // good 30, rejected 10, sprue 10, left 1000 - 30 - 10 - 10 - 4 = 946 g
 */
export function settleRun(run: SettledRunFacts, pours: readonly SettledPour[], drossG: number): Settlement {
  const metalOf = new Map(
    run.cells.map((cell) => [cellName(cell.moldId, cell.cavity, cell.key), cell.metalG]),
  );
  const castings = pours.flatMap(({ moldId, castings: cast }) =>
    cast.map((casting) => {
      const metalG = metalOf.get(cellName(moldId, casting.cavity, casting.key));
      if (metalG === undefined) {
        throw new RangeError(
          `settleRun requires a cell for ${casting.key} in cavity ${casting.cavity} of ${moldId}`,
        );
      }
      return { ...casting, metalG };
    }),
  );
  const sprueOf = new Map(run.blocks.map((block) => [block.moldId, block.spruePerPourG]));
  const goodG = sum(castings.filter(({ good }) => good).map(({ metalG }) => metalG));
  const rejectedG = sum(castings.filter(({ good }) => !good).map(({ metalG }) => metalG));
  const sprueG = sum(pours.map(({ moldId }) => sprueOf.get(moldId) ?? 0));

  const goodByKey = new Map<string, number>();
  for (const { key, good } of castings) if (good) goodByKey.set(key, (goodByKey.get(key) ?? 0) + 1);
  const heads = [...goodByKey].flatMap(([key, count]) => share(key, count, run.wants));

  const hookOf = new Map(run.heads.map((head) => [head.key, head.hookBinId]));
  const hooks = new Map<string, number>();
  for (const { key } of castings) {
    const bin = hookOf.get(key);
    if (bin) hooks.set(bin, (hooks.get(bin) ?? 0) + 1);
  }
  return {
    figures: {
      goodG,
      rejectedG,
      sprueG,
      drossG,
      potLeftG: sum([run.chargedG, -goodG, -rejectedG, -sprueG, -drossG]),
      good: castings.filter(({ good }) => good).length,
      misfilled: castings.filter(({ good }) => !good).length,
      surplus: heads.filter((head) => head.ticketId === null).reduce((total, head) => total + head.count, 0),
    },
    heads,
    hooks,
  };
}

function cellName(moldId: string, cavity: number, key: string): string {
  return JSON.stringify([moldId, cavity, key]);
}

function share(key: string, count: number, wants: SettledRunFacts['wants']): Settlement['heads'] {
  let left = count;
  const served = wants
    .filter((want) => want.key === key)
    .map(({ ticketId, lineId, count: asked }) => {
      const given = Math.min(asked, left);
      left -= given;
      return { key, ticketId, lineId, count: given };
    });
  return [...served, { key, ticketId: null, lineId: null, count: left }].filter((part) => part.count > 0);
}
