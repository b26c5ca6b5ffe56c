import { sum } from '../numeric/sum';
import { balancePot } from './balance-pot';
import { tallyCastIn, type CastIn } from './cast-in';
import type { Casting } from './next-pour';

export interface SettledRunFacts {
  readonly metalBinId: string;
  readonly chargedG: number;
  readonly topUps: readonly { readonly g: number }[];
  /** What fails and the sprues go back into the pot as it runs: they are in what is left in it. */
  readonly backInPot?: boolean | undefined;
  readonly blocks: readonly {
    readonly moldId: string;
    readonly spruePerPourG: number;
    readonly copies: number;
  }[];
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
  /** Poured to warm the block: all of it goes back, no hooks were in. */
  readonly isWarmUp: boolean;
  readonly castings: readonly Casting[];
}

/** What was weighed at the end, metal alone, g; null where the tally is believed. */
export interface WeighedEnd {
  readonly goodG: number | null;
  readonly rejectedG: number | null;
  readonly sprueG: number | null;
  readonly potEndG: number | null;
}

const NOTHING_WEIGHED: WeighedEnd = { goodG: null, rejectedG: null, sprueG: null, potEndG: null };

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
  /** In less out; 0 where what is left in the pot was not weighed but reckoned. */
  readonly unaccountedG: number;
}

export interface Settlement {
  readonly figures: SettledFigures;
  /** Good heads by key: who gets them; no ticket for what is over. */
  readonly heads: readonly { key: string; ticketId: string | null; lineId: string | null; count: number }[];
  /** Hooks and what else stays in the castings, good or not, by bin. */
  readonly hooks: ReadonlyMap<string, number>;
}

/**
 * The books of a run, from its pours: heads to whom they belong, hooks gone, metal in g. What was put in is
 * good castings, rejects, sprues, dross, what is left in the pot, and what nobody can account for; rejects, sprues
 * and the rest go back. Masses weighed at the end stand for those the tally gives. Castings of warm-up pours are
 * rejects that nobody counts as misfilled. Where they and the sprues go back into the pot as it runs, only what was
 * weighed of them at the end lies aside.
 *
 * `potLeftG` is below 0 where it was not weighed and more was cast than put in: the caller says so to the maker.
 * Throws where a pour names a casting that the run has no cell for.
 *
 * @example
 * // 1000 g charged, 3 good of 10 g and a misfill, 2 pours with 5 g sprue, 4 g dross:
 * // good 30, rejected 10, sprue 10, left 1000 - 30 - 10 - 10 - 4 = 946 g
 */
export function settleRun(
  run: SettledRunFacts,
  pours: readonly SettledPour[],
  drossG: number,
  weighed: WeighedEnd = NOTHING_WEIGHED,
  castIn: CastIn = () => [],
): Settlement {
  const metalOf = new Map(
    run.cells.map((cell) => [cellName(cell.moldId, cell.cavity, cell.key), cell.metalG]),
  );
  const castings = pours.flatMap(({ moldId, isWarmUp, castings: cast }) =>
    cast.map((casting) => {
      const metalG = metalOf.get(cellName(moldId, casting.cavity, casting.key));
      if (metalG === undefined) {
        throw new RangeError(
          `settleRun requires a cell for ${casting.key} in cavity ${casting.cavity} of ${moldId}`,
        );
      }
      return { ...casting, isWarmUp, metalG };
    }),
  );
  const sprueOf = new Map(run.blocks.map((block) => [block.moldId, block.spruePerPourG * block.copies]));
  const goodG = weighed.goodG ?? sum(castings.filter(({ good }) => good).map(({ metalG }) => metalG));
  const aside = (tallied: () => number) => (run.backInPot === true ? 0 : tallied());
  const rejectedG =
    weighed.rejectedG ?? aside(() => sum(castings.filter(({ good }) => !good).map(({ metalG }) => metalG)));
  const sprueG = weighed.sprueG ?? aside(() => sum(pours.map(({ moldId }) => sprueOf.get(moldId) ?? 0)));
  const addedG = sum(run.topUps.map(({ g }) => g));
  const potLeftG = weighed.potEndG ?? sum([run.chargedG, addedG, -goodG, -rejectedG, -sprueG, -drossG]);
  const { unaccountedG } = balancePot({
    potStartG: run.chargedG,
    addedG,
    goodG,
    rejectedG,
    sprueG,
    drossG,
    remeltedG: 0,
    potEndG: potLeftG,
  });

  const goodByKey = new Map<string, number>();
  for (const { key, good } of castings) if (good) goodByKey.set(key, (goodByKey.get(key) ?? 0) + 1);
  const heads = [...goodByKey].flatMap(([key, count]) => share(key, count, run.wants));

  const hookOf = new Map(run.heads.map((head) => [head.key, head.hookBinId]));
  const hooks = tallyCastIn(pours, castIn);
  for (const { key, isWarmUp } of castings) {
    const bin = isWarmUp ? null : hookOf.get(key);
    if (bin) hooks.set(bin, (hooks.get(bin) ?? 0) + 1);
  }
  return {
    figures: {
      goodG,
      rejectedG,
      sprueG,
      drossG,
      potLeftG,
      good: castings.filter(({ good }) => good).length,
      misfilled: castings.filter(({ good, isWarmUp }) => !good && !isWarmUp).length,
      surplus: heads.filter((head) => head.ticketId === null).reduce((total, head) => total + head.count, 0),
      unaccountedG: weighed.potEndG === null ? 0 : unaccountedG,
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
