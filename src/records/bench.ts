import { z } from 'zod';
import { money, NEW_MONEY } from './outlay';
import { week } from './week';
import { grams, id, instant, name, overZeroGrams, positive, shareUnderOne } from './fields';

export const MOST_CUPS = 40;

/** An empty cup, bowl or tray of a known weight. */
const cup = z.strictObject({ id, name, massG: overZeroGrams });

export type Cup = z.infer<typeof cup>;

/** A bar of the mat is never so much longer or shorter than it was meant: that is another sheet. */
const matBars = z.strictObject({
  acrossMm: z.number().min(120).max(180),
  alongMm: z.number().min(160).max(240),
});

/** The bench itself: its name and its pot. One record, id `bench`. */
export const bench = z.strictObject({
  id: z.literal('bench'),
  name,
  pot: z
    .strictObject({
      capacityG: overZeroGrams,
      heelG: grams,
      drossShare: shareUnderOne,
      /** Share of castings expected to fail until the maker's own runs say. */
      scrapShare: shareUnderOne,
      /** From cold to pourable, brim full. */
      meltMinutes: positive(600),
    })
    .refine((pot) => pot.heelG < pot.capacityG, {
      path: ['heelG'],
      message: 'the heel is under the capacity',
    }),
  /** A casting of known modulus that the maker timed from pour to frozen; null until one was. */
  freezeTrial: z
    .strictObject({ modulusMm: positive(1000), seconds: positive(36_000), exponent: positive(4) })
    .nullable(),
  /** How long the maker pours before a rest, and how long that is; no rest where 0. */
  pace: z.strictObject({ pourMinutes: positive(600), restMinutes: z.number().min(0).max(240) }),
  money,
  /** When the pot was lit, cold, for a run that has not begun; left out where none is. */
  potLitAt: instant.optional(),
  /** The maker's time at the bench; left out until it is said, and then as usual. */
  week: week.optional(),
  /** Cups that were weighed empty, by name: what stands in one on a scale is told without it; left out where none was. */
  cups: z.array(cup).max(MOST_CUPS).optional(),
  /** The bars of the printed mat as they were measured on the paper, mm; left out until they were. */
  mat: matBars.optional(),
  /** When the checklist before the pot was answered, and until when that holds; null where it was not. */
  safety: z.strictObject({ answeredAt: instant, until: instant }).nullable(),
});

export type Bench = z.infer<typeof bench>;

/** A bench before the maker has said anything: a common ladle pot, figures that look like the guesses they are. */
export const NEW_BENCH: Bench = {
  id: 'bench',
  name: 'My bench',
  pot: { capacityG: 4500, heelG: 150, drossShare: 0.02, scrapShare: 0.05, meltMinutes: 25 },
  freezeTrial: null,
  pace: { pourMinutes: 50, restMinutes: 10 },
  money: NEW_MONEY,
  safety: null,
};
