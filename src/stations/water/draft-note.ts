import { parseQuantity } from '@/core/units/parse-quantity';
import { PLAIN_NOTE, type WaterNote } from '@/records/water-note';
import type { BenchView } from '@/model/bench/bench-view';
import { lastAt, placesOf } from '@/model/water/things';

/** A note that is being written, its pictures still beside it. */
export type NoteDraft = Omit<WaterNote, 'id' | 'at' | 'hours'> & { readonly hours: number | null };

const FROM_BEFORE = ['depthM', 'currentMs', 'castM', 'lineMm', 'bottom'] as const;

/** What stays as it was at a place the last time. */
export function groundOf(place: string, view: Pick<BenchView, 'waterNotes'>): Partial<NoteDraft> {
  const before = lastAt(place, view);
  if (!before) return {};
  return Object.fromEntries(FROM_BEFORE.map((key) => [key, before[key]])) as Partial<NoteDraft>;
}

/** A new note, begun where the last one left off: the same place, the same thing on the line. */
export function newNote(view: Pick<BenchView, 'waterNotes'>): NoteDraft {
  const last = view.waterNotes.at(-1);
  const [place = ''] = placesOf(view);
  return {
    ...PLAIN_NOTE,
    ...groundOf(place, view),
    hours: null,
    place,
    of: last?.of ?? null,
    weightG: last?.weightG ?? null,
  };
}

/** What keeps a note from being kept; null where it can be. */
export function noteProblem(draft: NoteDraft): string | null {
  if (draft.hours === null) return 'How long was it fished? Write the hours, such as 1.5.';
  const told = draft.lostTo.reduce((so, { count }) => so + count, 0);
  if (told > draft.lost)
    return `${told} are said to be lost and ${draft.lost} counted. Set one of them right.`;
  if (draft.fishMm.length > draft.fish) {
    return `${draft.fishMm.length} fish were measured and ${draft.fish} counted. Set one of them right.`;
  }
  return null;
}

/** So many centimeters a fish is long at the most: a larger bare number is in millimeters. */
const MOST_CM = 200;
const MOST_MM = 5000;

/** One length: what is bare is in inches, or in cm where so long a fish may be. */
function lengthOf(word: string, length: 'mm' | 'in'): number {
  const bare = Number(word);
  const assumed = length === 'in' ? 'in' : bare < MOST_CM ? 'cm' : 'mm';
  const read = parseQuantity(word, 'length', assumed);
  return read.ok ? read.value.value : NaN;
}

/**
 * Fish lengths as they are written, in mm; null where one is none.
 *
 * @param length In what bare numbers are: inches, or cm where under 200 and else mm.
 * @example readLengths('42, 38 cm, 510 mm', 'mm') // [420, 380, 510]
 * @example readLengths('17 1/2, 15', 'in') // [444.5, 381]
 */
export function readLengths(text: string, length: 'mm' | 'in'): number[] | null {
  const right = (mm: number) => mm > 0 && mm <= MOST_MM;
  const lengths = text
    .split(/[,;\n]/)
    .map((word) => word.trim())
    .filter(Boolean)
    .flatMap((word) => {
      const whole = lengthOf(word, length);
      // Also with nothing between them but a space: 42 38 51.
      return right(whole) ? [whole] : word.split(/\s+(?=\d)/).map((each) => lengthOf(each, length));
    });
  return lengths.every(right) ? lengths : null;
}
