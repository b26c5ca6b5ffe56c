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

/** Fish lengths as they are written, `420, 38 cm, 51cm`: bare numbers in cm where under 200, else in mm. */
export function readLengths(text: string): number[] | null {
  const words = text
    .split(/[,;\s]+(?=\d)/)
    .map((word) => word.trim())
    .filter(Boolean);
  const lengths = words.map((word) => {
    const match = /^(\d+(?:\.\d+)?)\s*(mm|cm|in)?$/.exec(word);
    if (!match) return NaN;
    const value = Number(match[1]);
    const unit = match[2] ?? (value < 200 ? 'cm' : 'mm');
    return value * (unit === 'cm' ? 10 : unit === 'in' ? 25.4 : 1);
  });
  return lengths.every((mm) => mm > 0 && mm <= 5000) ? lengths : null;
}
