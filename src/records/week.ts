import { z } from 'zod';
import { day, name } from './fields';

const DAY_MINUTES = 1440;

/** When the maker is at the bench on one day, minutes from midnight. */
const stretch = z
  .strictObject({ fromMin: z.number().min(0).max(DAY_MINUTES), toMin: z.number().min(0).max(DAY_MINUTES) })
  .refine(({ fromMin, toMin }) => toMin > fromMin, {
    path: ['toMin'],
    message: 'the end is after the beginning',
  });

/** The maker's time: evenings as they usually are, days that are not as usual, and what was put on a day by hand. */
export const week = z.strictObject({
  /** From Monday on, one for each day; an empty day has no bench time. */
  days: z.array(z.array(stretch).max(4)).length(7),
  /** Days that are not as usual, each with its own times; none for a day struck out. */
  exceptions: z.array(z.strictObject({ day, times: z.array(stretch).max(4) })).max(400),
  /** Pairs of hands at the bench. */
  hands: z.int().min(1).max(2),
  /** How many there are of each place. */
  pots: z.int().min(1).max(4),
  ovens: z.int().min(1).max(4),
  vises: z.int().min(1).max(6),
  /** Tasks that are to be done on a day, whatever else is. */
  pins: z.array(z.strictObject({ task: name, day })).max(400),
});

export type Week = z.infer<typeof week>;
export type Stretch = z.infer<typeof stretch>;

const [EVENING, MORNING]: readonly Stretch[] = [
  { fromMin: 19 * 60 + 30, toMin: 21 * 60 + 30 },
  { fromMin: 9 * 60 + 30, toMin: 12 * 60 },
] as const;

/** Until the maker says: two hours of an evening, a longer morning on the two days of the weekend. */
export const USUAL_WEEK: Week = {
  days: [EVENING, EVENING, EVENING, EVENING, EVENING, MORNING, MORNING].map((times) =>
    times ? [times] : [],
  ),
  exceptions: [],
  hands: 1,
  pots: 1,
  ovens: 1,
  vises: 1,
  pins: [],
};
