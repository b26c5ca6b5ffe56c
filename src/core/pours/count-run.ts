import { sum } from '../numeric/sum';
import { forecastPours } from './forecast-pours';
import { nextPour } from './next-pour';
import type { MoldFills } from './pour-plan';
import type { SettledPour, SettledRunFacts } from './settle-run';

export interface RunBlockFacts {
  readonly moldId: string;
  readonly fillAll: boolean;
  readonly spruePerPourG: number;
  /** Equal blocks poured as one. */
  readonly copies: number;
  readonly fills: readonly MoldFills[];
}

export interface BlockCount {
  readonly moldId: string;
  readonly poured: number;
  /** Of these, poured to warm the block. */
  readonly warmUps: number;
  /** Pours still to come on this block if all goes well: the cavities of each. */
  readonly ahead: readonly (readonly number[])[];
  readonly next: readonly { readonly cavity: number; readonly key: string }[];
  /** Good castings and those asked, by cavity. */
  readonly cavities: ReadonlyMap<number, { readonly good: number; readonly misfilled: number }>;
}

export interface RunCount {
  readonly blocks: readonly BlockCount[];
  readonly poured: number;
  readonly ahead: number;
  readonly good: number;
  readonly misfilled: number;
  /** What should be in the pot now: put in less castings and sprues, those that go back into it not; skimmings are not yet off. */
  readonly potG: number;
  /** What was poured: castings, good and not, and sprues. */
  readonly pouredG: number;
  readonly sprueG: number;
}

/**
 * Where a run stands, from its pours: what each block has given, which cavities come next, what is left in the
 * pot in g.
 *
 * @example countRun(run, []).poured // 0
 */
export function countRun(
  run: Omit<SettledRunFacts, 'blocks'> & { readonly blocks: readonly RunBlockFacts[] },
  pours: readonly SettledPour[],
): RunCount {
  const blocks = run.blocks.map((block): BlockCount => {
    const mine = pours.filter((pour) => pour.moldId === block.moldId);
    const castings = mine.flatMap((pour) => pour.castings);
    const cavities = new Map<number, { good: number; misfilled: number }>();
    for (const { cavity, good } of counting(mine)) {
      const known = cavities.get(cavity) ?? { good: 0, misfilled: 0 };
      cavities.set(cavity, {
        good: known.good + (good ? 1 : 0),
        misfilled: known.misfilled + (good ? 0 : 1),
      });
    }
    return {
      moldId: block.moldId,
      poured: mine.length,
      warmUps: mine.filter(({ isWarmUp }) => isWarmUp).length,
      ahead: forecastPours(block.fills, castings, block.fillAll, block.copies),
      next: nextPour(block.fills, castings, block.fillAll, block.copies),
      cavities,
    };
  });
  const castings = pours.flatMap((pour) =>
    pour.castings.map((casting) => ({ ...casting, moldId: pour.moldId })),
  );
  const metalOf = (casting: (typeof castings)[number]) =>
    run.cells.find(
      (cell) => cell.moldId === casting.moldId && cell.cavity === casting.cavity && cell.key === casting.key,
    )?.metalG ?? 0;
  const metalG = sum(castings.map(metalOf));
  const goneG = run.backInPot === true ? sum(castings.filter(({ good }) => good).map(metalOf)) : null;
  const sprueOf = new Map(run.blocks.map((block) => [block.moldId, block.spruePerPourG * block.copies]));
  const sprueG = sum(pours.map((pour) => sprueOf.get(pour.moldId) ?? 0));
  const counted = counting(pours);
  return {
    blocks,
    poured: pours.length,
    ahead: blocks.reduce((total, block) => total + block.ahead.length, 0),
    good: counted.filter(({ good }) => good).length,
    misfilled: counted.filter(({ good }) => !good).length,
    potG: sum([run.chargedG, ...run.topUps.map(({ g }) => g), -(goneG ?? metalG + sprueG)]),
    pouredG: metalG + sprueG,
    sprueG,
  };
}

/** The castings that were meant to be kept. */
function counting(pours: readonly SettledPour[]) {
  return pours.filter(({ isWarmUp }) => !isWarmUp).flatMap((pour) => pour.castings);
}
