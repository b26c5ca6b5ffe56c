import { castWeights } from '../molds/cast-weights';
import { usualMetal } from '../metals/usual-metal';
import { compareRates, type RateComparison } from '@/core/water/compare-rates';
import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import type { MassUnit } from '@/core/units/write-mass';
import { nextWeights } from '@/core/water/next-weights';
import { markText } from '@/text/words';
import type { ScreenUnits } from '@/text/written-in';
import type { WaterNote } from '@/records/water-note';
import type { BenchView } from '../bench/bench-view';
import { colorOf, fishedName } from './things';

/** The units whose round figures part the bands. */
type AskedIn = Pick<ScreenUnits, 'mass' | 'temperature'>;

/** By what the notes are laid side by side. */
export const ASPECTS = ['thing', 'weight', 'color', 'temperature', 'place', 'clarity'] as const;
export type Aspect = (typeof ASPECTS)[number];

/** Where one band of weights ends and the next begins, in the maker's own unit: grams, ounces. */
const WEIGHT_EDGES = {
  g: [5, 8, 12, 18, 25, 40, 80],
  oz: [1 / 8, 1 / 4, 3 / 8, 1 / 2, 3 / 4, 1, 1.5, 3],
} as const;
/** How wide a band of temperatures is, in the maker's own degrees. */
const DEGREES = { C: 4, F: 5 } as const;

function weightBand(massG: number, mass: MassUnit): string {
  const perUnit = mass === 'g' ? 1 : GRAMS_PER_OUNCE;
  const edges: readonly number[] = WEIGHT_EDGES[mass === 'g' ? 'g' : 'oz'];
  // A weight that was typed as 3/8 oz is kept in grams: what lies on an edge belongs above it.
  const weight = massG / perUnit + 1e-9;
  const text = (edge: number) => markText(edge * perUnit, mass);
  const above = edges.find((edge) => weight < edge);
  const below = [...edges].reverse().find((edge) => weight >= edge);
  if (above === undefined) return `${text(below ?? 0)} and over`;
  if (below === undefined) return `under ${text(above)}`;
  return `${text(below).replace(/ \D+$/, '')} to ${text(above)}`;
}

function degreeBand(celsius: number, unit: 'C' | 'F'): string {
  const degrees = unit === 'C' ? celsius : celsius * 1.8 + 32;
  const low = Math.floor(degrees / DEGREES[unit] + 1e-9) * DEGREES[unit];
  return `${low} to ${low + DEGREES[unit]} °${unit}`;
}

/** What a note is counted under; null where it does not say. */
function underOf(
  note: WaterNote,
  by: Aspect | 'bottom',
  view: BenchView,
  { mass, temperature }: AskedIn,
): string | null {
  switch (by) {
    case 'thing':
      return note.of ? fishedName(note.of, view) : null;
    case 'weight':
      return note.weightG === null ? null : weightBand(note.weightG, mass);
    case 'color':
      return note.of ? colorOf(note.of, view) : null;
    case 'temperature':
      return note.waterC === null ? null : degreeBand(note.waterC, temperature);
    case 'place':
      return note.place || null;
    case 'clarity':
      return note.clarity;
    case 'bottom':
      return note.bottom;
  }
}

/** Fish an hour by an aspect, of notes at a place or anywhere. */
export function catchBy(by: Aspect, place: string | null, view: BenchView, units: AskedIn): RateComparison {
  return compare(by, place, view, 'fish', units);
}

/** Losses an hour by bottom, or by weight. */
export function lossBy(
  by: 'bottom' | 'weight',
  place: string | null,
  view: BenchView,
  units: AskedIn,
): RateComparison {
  return compare(by, place, view, 'lost', units);
}

function compare(
  by: Aspect | 'bottom',
  place: string | null,
  view: BenchView,
  what: 'fish' | 'lost',
  units: AskedIn,
) {
  return compareRates(
    view.waterNotes.flatMap((note) => {
      const under = place === null || note.place === place ? underOf(note, by, view, units) : null;
      return under === null ? [] : [{ under, hours: note.hours, count: note[what] }];
    }),
  );
}

export interface NextSet {
  readonly place: string;
  readonly light: number;
  readonly right: number;
  readonly heavy: number;
  /** Marks of the molds and what they weigh in the usual metal; without molds, weights alone. */
  readonly weights: readonly { readonly nominalG: number; readonly finishedG: number }[];
}

/** For every place where somebody felt a weight: the next graded set, in weights there are molds for. */
export function nextSets(
  view: Pick<BenchView, 'waterNotes' | 'molds' | 'hooks' | 'metals' | 'levels'>,
): NextSet[] {
  const { waterNotes } = view;
  const metal = usualMetal(view);
  const casts = metal ? castWeights(metal, view) : [];
  const marked = [...new Set(casts.map(({ finishedG }) => finishedG))];
  const places = [...new Set(waterNotes.map(({ place }) => place))].filter(Boolean);
  return places.flatMap((place): NextSet[] => {
    const felt = waterNotes.flatMap(({ place: at, weightG, feel }) =>
      at === place && weightG !== null && feel !== null ? [{ weightG, feel }] : [],
    );
    const weightsG = nextWeights(felt, marked);
    if (!weightsG) return [];
    const weights = weightsG.map((finishedG) => {
      const cast = casts.find((each) => each.finishedG === finishedG);
      return { nominalG: cast?.nominalG ?? finishedG, finishedG };
    });
    const count = (feel: WaterNote['feel']) => felt.filter((each) => each.feel === feel).length;
    return [{ place, weights, light: count('too-light'), right: count('right'), heavy: count('too-heavy') }];
  });
}
