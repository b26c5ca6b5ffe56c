import { z } from 'zod';
import { grams, name, overZeroGrams, shareUnderOne } from './fields';

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
    })
    .refine((pot) => pot.heelG < pot.capacityG, {
      path: ['heelG'],
      message: 'the heel is under the capacity',
    }),
  /** A casting of known modulus that the maker timed from pour to frozen; null until one was. */
  freezeTrial: z
    .strictObject({
      modulusMm: z.number().gt(0).max(1000),
      seconds: z.number().gt(0).max(36_000),
      exponent: z.number().gt(0).max(4),
    })
    .nullable(),
});

export type Bench = z.infer<typeof bench>;

/** A bench before the maker has said anything: a common ladle pot, figures that look like the guesses they are. */
export const NEW_BENCH: Bench = {
  id: 'bench',
  name: 'My bench',
  pot: { capacityG: 4500, heelG: 150, drossShare: 0.02, scrapShare: 0.05 },
  freezeTrial: null,
};
