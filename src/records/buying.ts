import { z } from 'zod';
import { day, id, instant, mostOfBin, name, note, pieces, positive, ref, serial } from './fields';

const money = z.number().min(0).max(1e6);
const quantity = positive(mostOfBin);

/** Who sells, and what the post takes. */
export const seller = z.strictObject({
  id,
  name,
  /** For one order, in the maker's own money. */
  postage: money,
  /** Nothing for the post from this much on; null where it always costs. */
  freeFrom: money.nullable(),
  /** From order to doorstep; null where nobody noted it. */
  leadDays: z.int().min(0).max(365).nullable(),
  note,
  retired: z.boolean(),
});

/** A pack as a seller sells it. */
export const pack = z.strictObject({
  id,
  binId: ref('bins'),
  sellerId: ref('sellers'),
  /** How much is in it, in the bin's unit. */
  qty: quantity,
  price: money,
  /** From so many packs on, each costs this. */
  breaks: z.array(z.strictObject({ from: pieces.min(2), price: money })).max(6),
  /** The day of that price. */
  pricedOn: day,
  retired: z.boolean(),
});

/** An order with one seller: what was asked for and what has come. */
export const purchase = z.strictObject({
  id,
  no: serial,
  sellerId: ref('sellers'),
  state: z.enum(['ordered', 'received', 'given-up']),
  orderedAt: instant,
  dueOn: day.nullable(),
  postage: money,
  lines: z
    .array(
      z.strictObject({
        packId: ref('packs'),
        binId: ref('bins'),
        packs: pieces.min(1),
        packQty: quantity,
        packPrice: money,
        /** Packs that came. */
        came: pieces,
      }),
    )
    .min(1)
    .max(400),
  note,
});

/** A finished piece, or a stage of one, as it can be bought in ready made. */
export const buyIn = z.strictObject({
  id,
  kind: z.enum(['head', 'skirt', 'build', 'rig']),
  /** The family of a skirt, build or rig; of a head its style and mark, `round 10`. */
  key: z.string().min(1).max(120),
  each: money,
  postage: money,
  leadDays: z.int().min(0).max(365),
  pricedOn: day,
  note,
});

/** The maker's word that one bin may stand in for another. */
export const substitute = z.strictObject({
  id,
  binId: ref('bins'),
  standsForId: ref('bins'),
  at: instant,
  note,
});

export type Seller = z.infer<typeof seller>;
export type Pack = z.infer<typeof pack>;
export type Purchase = z.infer<typeof purchase>;
export type BuyIn = z.infer<typeof buyIn>;
export type Substitute = z.infer<typeof substitute>;
