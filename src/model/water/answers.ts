import { compareRates, type RateComparison } from '@/core/water/compare-rates';
import { nextWeights } from '@/core/water/next-weights';
import type { WaterNote } from '@/records/water-note';
import type { BenchView } from '../bench/bench-view';
import { colorOf, fishedName } from './things';

/** By what the notes are laid side by side. */
export const ASPECTS = ['thing', 'weight', 'color', 'temperature', 'place', 'clarity'] as const;
export type Aspect = (typeof ASPECTS)[number];

const WEIGHT_EDGES = [5, 8, 12, 18, 25, 40, 80];
const DEGREES = 4;

function weightBand(massG: number): string {
  const above = WEIGHT_EDGES.find((edge) => massG < edge);
  const below = [...WEIGHT_EDGES].reverse().find((edge) => massG >= edge);
  if (above === undefined) return `${below} g and over`;
  return below === undefined ? `under ${above} g` : `${below} to ${above} g`;
}

function degreeBand(celsius: number): string {
  const low = Math.floor(celsius / DEGREES) * DEGREES;
  return `${low} to ${low + DEGREES} °C`;
}

/** What a note is counted under; null where it does not say. */
function underOf(note: WaterNote, by: Aspect | 'bottom', view: BenchView): string | null {
  switch (by) {
    case 'thing':
      return note.of ? fishedName(note.of, view) : null;
    case 'weight':
      return note.weightG === null ? null : weightBand(note.weightG);
    case 'color':
      return note.of ? colorOf(note.of, view) : null;
    case 'temperature':
      return note.waterC === null ? null : degreeBand(note.waterC);
    case 'place':
      return note.place || null;
    case 'clarity':
      return note.clarity;
    case 'bottom':
      return note.bottom;
  }
}

/** Fish an hour by an aspect, of notes at a place or anywhere. */
export function catchBy(by: Aspect, place: string | null, view: BenchView): RateComparison {
  return compare(by, place, view, 'fish');
}

/** Losses an hour by bottom, or by weight. */
export function lossBy(by: 'bottom' | 'weight', place: string | null, view: BenchView): RateComparison {
  return compare(by, place, view, 'lost');
}

function compare(by: Aspect | 'bottom', place: string | null, view: BenchView, what: 'fish' | 'lost') {
  return compareRates(
    view.waterNotes.flatMap((note) => {
      const under = place === null || note.place === place ? underOf(note, by, view) : null;
      return under === null ? [] : [{ under, hours: note.hours, count: note[what] }];
    }),
  );
}

export interface NextSet {
  readonly place: string;
  readonly light: number;
  readonly right: number;
  readonly heavy: number;
  readonly weightsG: readonly number[];
}

/** For every place where somebody felt a weight: the next graded set, in weights there are molds for. */
export function nextSets({ waterNotes, molds }: Pick<BenchView, 'waterNotes' | 'molds'>): NextSet[] {
  const marked = [...new Set(molds.flatMap(({ cavities }) => cavities.map(({ nominalG }) => nominalG)))];
  const places = [...new Set(waterNotes.map(({ place }) => place))].filter(Boolean);
  return places.flatMap((place): NextSet[] => {
    const felt = waterNotes.flatMap(({ place: at, weightG, feel }) =>
      at === place && weightG !== null && feel !== null ? [{ weightG, feel }] : [],
    );
    const weightsG = nextWeights(felt, marked);
    if (!weightsG) return [];
    const count = (feel: WaterNote['feel']) => felt.filter((each) => each.feel === feel).length;
    return [{ place, weightsG, light: count('too-light'), right: count('right'), heavy: count('too-heavy') }];
  });
}
