import { roundDepth, roundSpeed } from '@/core/units/round-figure';
import type { UnitChoices } from '@/core/units/unit-choices';
import { currentHeld, currentWalked } from '@/core/water/current-held';
import { learnHold, USUAL_GRIP, type HeldNote } from '@/core/water/grip';
import { holdInCurrent, type LineAnswer } from '@/core/water/hold-in-current';
import type { MetalFacts } from '@/core/tickets/facts';
import { castWeights, type CastWeight } from '../molds/cast-weights';
import type { WaterNote } from '@/records/water-note';
import type { BenchFacts } from '../bench/bench-facts';

/** What the weight is asked for. */
export interface HoldQuestion {
  readonly depthM: number;
  readonly castM: number;
  readonly currentMs: number;
  readonly lineMm: number;
  readonly driftMs: number;
  readonly bottom: NonNullable<WaterNote['bottom']>;
  readonly metalGcm3: number;
}

/** A usual water before anything is said of it. */
export const FIRST_QUESTION: HoldQuestion = {
  depthM: 4,
  castM: 20,
  currentMs: 0.3,
  lineMm: 0.2,
  driftMs: 0,
  bottom: 'sand',
  metalGcm3: 11.1,
};

/** It, round in the maker's own units. */
export const firstQuestion = ({ depth, speed }: Pick<UnitChoices, 'depth' | 'speed'>): HoldQuestion => ({
  ...FIRST_QUESTION,
  depthM: roundDepth(FIRST_QUESTION.depthM, depth),
  castM: roundDepth(FIRST_QUESTION.castM, depth),
  currentMs: roundSpeed(FIRST_QUESTION.currentMs, speed),
});

/** Where no metal lies here: lead, about. */
const ABOUT: MetalFacts = { id: 'about', densityGcm3: FIRST_QUESTION.metalGcm3, shrinkLinear: 0.008 };

export interface HoldAnswer {
  readonly line: LineAnswer;
  /** By the sums alone, and as the maker's notes set it right, g. */
  readonly reckonedG: number;
  readonly massG: number;
  readonly factor: number;
  readonly notes: number;
  /** The lightest casting of the molds that is enough, in the metal asked; null where none is. */
  readonly cast: CastWeight | null;
}

const holdOf = ({ bottom, ...rest }: HoldQuestion) => holdInCurrent({ ...rest, grip: USUAL_GRIP[bottom] });

/** Notes that say how a weight felt where depth, cast, line, current and bottom are known. */
function heldNotes(notes: readonly WaterNote[], metalGcm3: number): HeldNote[] {
  return notes.flatMap(({ weightG, feel, depthM, castM, currentMs, lineMm, bottom }): HeldNote[] => {
    if (weightG === null || feel === null || !depthM || !castM || !currentMs || !lineMm || bottom === null) {
      return [];
    }
    const reckonedG = holdOf({ depthM, castM, currentMs, lineMm, bottom, driftMs: 0, metalGcm3 }).massG;
    return [{ weightG, feel, reckonedG }];
  });
}

/** By how much the maker’s own notes set the sums right, at a place or, without notes there, anywhere. */
function learnedAt(
  metalGcm3: number,
  place: string | null,
  waterNotes: readonly WaterNote[],
): { readonly factor: number; readonly notes: number } {
  const there = heldNotes(
    waterNotes.filter((note) => place !== null && note.place === place),
    metalGcm3,
  );
  const notes = there.length > 0 ? there : heldNotes(waterNotes, metalGcm3);
  return { factor: learnHold(notes), notes: notes.length };
}

/** A usual run over stones, as a weight in cord is thrown into. */
const RUN = { depthM: 1.5, castM: 12, lineMm: 0.28, metalGcm3: FIRST_QUESTION.metalGcm3 };

/** In what current a weight lies still, and in what it walks along; from how many notes, besides the sums. */
export interface WeightWaters {
  readonly heldMs: number;
  readonly walkedMs: number;
  readonly notes: number;
}

/** What water a weight is for, over stones, as the maker’s notes set it right. */
export function watersFor(massG: number, { waterNotes }: Pick<BenchFacts, 'waterNotes'>): WeightWaters {
  const { factor, notes } = learnedAt(RUN.metalGcm3, null, waterNotes);
  const heldMs = currentHeld(massG / factor, { ...RUN, grip: USUAL_GRIP.gravel });
  return { heldMs, walkedMs: currentWalked(heldMs), notes };
}

/** The weight for a water: the sums, set right by what the maker noted at that place, else anywhere. */
export function weightFor(
  question: HoldQuestion,
  place: string | null,
  view: Pick<BenchFacts, 'waterNotes' | 'molds' | 'hooks'>,
  metal: MetalFacts = ABOUT,
): HoldAnswer {
  const line = holdOf(question);
  const { factor, notes } = learnedAt(question.metalGcm3, place, view.waterNotes);
  const massG = line.massG * factor;
  const cast = castWeights(metal, view).find(({ finishedG }) => finishedG >= massG) ?? null;
  return { line, reckonedG: line.massG, massG, factor, notes, cast };
}
