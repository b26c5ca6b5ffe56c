import type { Gives } from '@/model/stock/gives';
import type { ScreenUnits } from '@/text/written-in';
import type { ReactNode } from 'react';
import type { PartGauge } from '@/core/parts/part-roles';
import type { CardStep } from '@/core/card-runs/card-step';
import type { OwnStep } from '@/core/card-runs/own-steps';
import type { CardProgress } from '@/core/card-runs/turn-card';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { Workshop } from '@/data/workshop';
import type { NextStep } from '@/model/next/next-steps';
import type { MassUnit } from '@/core/units/write-mass';
import type { Bin } from '@/records/bin';
import { amountText } from '@/text/words';
import type { BenchView } from '@/model/bench/bench-view';

/** How much of a bin a run took: an amount, and of tabs the pieces. */
export interface Taken {
  readonly binId: string;
  readonly qty: number;
}

/** What the frame knows of a run, whatever is made in it. */
export interface CardRunRecord extends CardProgress {
  readonly id: string;
  readonly no: number;
  readonly taken: readonly Taken[];
  readonly putBack: readonly Taken[];
  readonly inHand: number | null;
  readonly seconds: number;
  readonly passed: number;
  readonly failed: readonly { readonly reason: string; readonly count: number }[];
  readonly startedAt: number;
}

/** What is made in runs, kept version by version. */
export interface MadeRecord {
  readonly id: string;
  readonly name: string;
  readonly family: string;
  readonly version: number;
  readonly retired: boolean;
  /** Its card in the maker's own order and words; left out where it is used as it comes. */
  readonly ownSteps?: readonly OwnStep[] | undefined;
}

/** What can be done with a run under way. */
export interface CardRunDoing<Run extends CardRunRecord> {
  readonly press: (
    id: string,
    times: readonly number[],
    drying: readonly CardStep['dries'][],
  ) => Promise<BenchOutcome<Run>>;
  /** The step in hand was done in one go. */
  readonly pass: (
    id: string,
    times: readonly number[],
    drying: readonly CardStep['dries'][],
  ) => Promise<BenchOutcome<Run>>;
  readonly pressBack: (id: string, steps: number) => Promise<BenchOutcome<Run>>;
  readonly turnTo: (id: string, step: number) => Promise<BenchOutcome<Run>>;
  readonly rest: (id: string, isResting: boolean) => Promise<BenchOutcome<Run>>;
  readonly end: (
    id: string,
    end: {
      readonly passed: number;
      readonly failed: { reason: string; count: number }[];
      readonly putBack: Run['putBack'];
      readonly massG: number | null;
      readonly gauge?: PartGauge | null;
    },
  ) => Promise<BenchOutcome<Run>>;
}

/** What the picture of a step is made of. */
export interface StepPicture<Item, Run> {
  readonly item: Item;
  readonly run: Run;
  readonly step: CardStep;
  /** Which step it is, from 0. */
  readonly at: number;
  readonly widthPx: number;
}

/**
 * What runs with a step card have each of their own: skirts, baits, rigs. Everything else about them is the frame's. A new
 * sort of run is one of these, and its part at a station.
 */
export interface CardRunKind<Item extends MadeRecord, Run extends CardRunRecord> {
  readonly words: {
    /** What one is called: `Bait`. */
    readonly piece: string;
    /** `Build`. */
    readonly verb: string;
    /** `built`. */
    readonly made: string;
    /** Said where all steps of all pieces are done. */
    readonly through: { readonly title: string; readonly how: string };
    /** On the button that leaves the end of a run. */
    readonly goOn: string;
    /** Said where nothing is kept yet, and the button that helps. */
    readonly none: string;
    readonly first: string;
    /** Where the version is gone. */
    readonly gone: string;
  };
  /** Offered at once from the shelf list, where the shelf gives so many. */
  readonly mostAtOnce: number;
  /** Why one fails the last look. */
  readonly reasons: (item: Item) => readonly string[];
  /** Parts of a failed one can go back to their bins. */
  readonly canStrip: boolean;
  /** What cannot go back, if anything. */
  readonly neverBack?: string;
  readonly underWay: (view: BenchView) => Run | null;
  /** Those that ended with something made. */
  readonly past: (view: BenchView) => readonly Run[];
  /** What can be made: the newest version of each. */
  readonly items: (view: BenchView) => readonly Item[];
  readonly itemOf: (run: Run, view: BenchView) => Item | undefined;
  /** How many the free shelf gives now, and what ends it. */
  readonly gives: (item: Item, view: BenchView) => Gives;
  /** How many lie there made already, in words. */
  readonly lies?: (item: Item, view: BenchView) => string | null;
  readonly thumb: (item: Item, view: BenchView) => ReactNode;
  readonly steps: (
    item: Item,
    run: Run,
    view: BenchView,
    units: Pick<ScreenUnits, 'length'>,
  ) => readonly CardStep[];
  readonly picture: (of: StepPicture<Item, Run>) => ReactNode;
  readonly tools: (item: Item) => readonly string[];
  readonly checks: (item: Item) => readonly string[];
  /** What goes back where so many are used up, passed or spoiled. */
  readonly backOf: (run: Run, item: Item, used: number, view: BenchView) => Run['putBack'];
  /** How much of what was taken or goes back: `3 Bead, brass`, `a half of Tab, straw`. */
  readonly amountText: (amount: Run['taken'][number], of: AmountOf, mass: MassUnit) => string;
  /** What a finished one weighs, g; null where something was never weighed. */
  readonly massOf: (item: Item, view: BenchView) => number | null;
  /** What a finished one is to other things; left out where it is a part of none. */
  readonly gaugeOf?: (item: Item, view: BenchView) => PartGauge | null;
  readonly doing: (workshop: Workshop) => CardRunDoing<Run>;
  /** Keeps the maker's own steps with the recipe. */
  readonly keepSteps: (
    workshop: Workshop,
    id: string,
    own: readonly OwnStep[],
  ) => Promise<BenchOutcome<undefined>>;
  readonly saysEnded: (passed: number, run: Run) => string;
  /** Where what passed goes on. */
  readonly next: (item: Item, run: Run, view: BenchView) => readonly NextStep[];
  /** What comes before the first step; null once it is done. */
  readonly before?: (run: Run) => ReactNode;
  /** What can be done with a run that has ended. */
  readonly Actions?: (props: { readonly run: Run; readonly item: Item }) => ReactNode;
}

/** What goes back of plain amounts where so many of a run are used up. */
export function plainBack<Amount extends Taken>(
  { taken, count }: { readonly taken: readonly Amount[]; readonly count: number },
  used: number,
): { binId: string; qty: number }[] {
  return taken
    .map(({ binId, qty }) => ({ binId, qty: (qty / count) * (count - used) }))
    .filter(({ qty }) => qty > 1e-9);
}

/** Of what an amount is. */
export type AmountOf = Pick<Bin, 'name' | 'unit'>;

/** A bin that is there no more. */
export const BIN_GONE: AmountOf = { name: 'of a bin gone', unit: 'pieces' };

/** A plain amount as the frame writes it: `3 Bead, brass`, `0.8 oz Hair, white`. */
export function plainAmount({ qty }: Taken, of: AmountOf, mass: MassUnit): string {
  return `${amountText(qty, of, mass)} ${of.name}`;
}
