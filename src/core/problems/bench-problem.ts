import type { Deed } from '../history/deed';
/** What can be wrong with a file that is to become the bench. */
export type FileProblem =
  | { readonly code: 'file.too-large'; readonly bytes: number; readonly most: number }
  | { readonly code: 'file.not-json' }
  | { readonly code: 'file.foreign' }
  | { readonly code: 'file.newer'; readonly version: number; readonly known: number }
  | {
      readonly code: 'file.damaged';
      /** Which record it is in, by its name; left out where it is in none. */
      readonly record?: string;
      readonly where: string;
      readonly why: string;
    }
  | { readonly code: 'file.too-deep'; readonly where: string; readonly most: number };

/** What is made in runs with a step card. */
export type CardRunSort = 'skirts' | 'baits' | 'rigs';

/** Why something the maker asked of the bench was not done. Nothing was written. */
export type BenchProblem =
  | { readonly code: 'bench.gone'; readonly what: string }
  | {
      readonly code: 'bench.too-little';
      readonly bin: string;
      readonly onHand: number;
      readonly asked: number;
      readonly unit: 'g' | 'pieces' | 'mm';
    }
  | {
      readonly code: 'bench.below-zero';
      readonly bin: string;
      /** What would be in it, below 0. */
      readonly level: number;
      readonly unit: 'g' | 'pieces' | 'mm';
    }
  /** What would be written is beyond what a bench can be: no such record could be read again. */
  | { readonly code: 'bench.beyond'; readonly record: string; readonly where: string; readonly why: string }
  | { readonly code: 'bench.not-whole'; readonly bin: string; readonly asked: number }
  | { readonly code: 'bench.too-light'; readonly eachG: number; readonly hardwareG: number }
  | { readonly code: 'bench.cold-in-pot'; readonly name: string }
  | { readonly code: 'bench.zinc-in-pot'; readonly zinc: string; readonly other: string }
  | { readonly code: 'bench.pot-overfull'; readonly chargeG: number; readonly capacityG: number }
  | { readonly code: 'bench.run-under-way' }
  | { readonly code: 'bench.run-ended'; readonly no: number }
  | { readonly code: 'bench.nothing-to-pour'; readonly mold: string }
  | { readonly code: 'bench.not-yet'; readonly leftS: number; readonly mold: string }
  | { readonly code: 'bench.overcast'; readonly shortG: number }
  | { readonly code: 'bench.nothing-poured' }
  | { readonly code: 'bench.rack-moved-on'; readonly no: number; readonly state: string }
  | { readonly code: 'bench.rack-empty'; readonly no: number }
  | { readonly code: 'bench.food-oven'; readonly oven: string }
  | { readonly code: 'bench.oven-taken'; readonly oven: string; readonly no: number }
  | { readonly code: 'bench.card-run-on'; readonly of: CardRunSort }
  | { readonly code: 'bench.card-run-ended'; readonly of: CardRunSort; readonly no: number }
  | {
      readonly code: 'bench.length-changed';
      readonly bin: string;
      readonly thereMm: number;
      readonly toldMm: number;
    }
  | { readonly code: 'bench.kept-by-length'; readonly bin: string }
  | { readonly code: 'bench.other-unit'; readonly bin: string; readonly other: string }
  | { readonly code: 'bench.order-done'; readonly no: number }
  | { readonly code: 'bench.more-came'; readonly asked: number; readonly came: number }
  | { readonly code: 'bench.two-under-way'; readonly table: string }
  | { readonly code: 'bench.kit-back'; readonly no: number }
  | { readonly code: 'bench.more-back-than-taken'; readonly taken: number; readonly back: number }
  | { readonly code: 'bench.nothing-to-undo' }
  | { readonly code: 'bench.changed-since'; readonly deed: Deed }
  | { readonly code: 'bench.no-earlier-bench' };

export type BenchOutcome<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problem: BenchProblem };
