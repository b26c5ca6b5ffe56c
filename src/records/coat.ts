import { z } from 'zod';
import { colorHex, id, name, note, ref, share } from './fields';

/** Where a second tone goes, seen from the side. */
export const TONE_PLACES = ['back', 'belly', 'nose', 'tail'] as const;

/** A recipe of color: made once, called by its name from tickets. */
export const coat = z.strictObject({
  id,
  name,
  /** Powder that is cured, or a paint that dries in the air for metals no oven suits. */
  base: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('powder'), powderBinId: ref('bins', 'powder') }),
    z.strictObject({ kind: z.literal('air'), paint: name, hex: colorHex }),
  ]),
  second: z
    .strictObject({
      powderBinId: ref('bins', 'powder'),
      place: z.enum(TONE_PLACES),
      /** Of the head's side, over 0 and under 1. */
      share: share.gt(0).lt(1),
    })
    .nullable(),
  /** A clear powder over all. */
  clearBinId: ref('bins', 'powder').nullable(),
  /** Painted on after the cure; a ring round the dot where it has one. */
  eye: z.strictObject({ hex: colorHex, ringHex: colorHex.nullable() }).nullable(),
  /** No longer offered to tickets. */
  retired: z.boolean(),
  note,
});

export type Coat = z.infer<typeof coat>;
