import { z } from 'zod';
import { day, id, name, note, pieces } from './fields';

/** The stages of a piece at which something can be made or bought in. */
export const STAGES = ['pour', 'coat', 'skirt', 'build', 'rig'] as const;

/** What was laid out once: a block, a pot, an oven, a vise. */
export const outlay = z.strictObject({
  id,
  name,
  cost: z.number().min(0).max(1e6),
  boughtOn: day,
  /** How many pieces it is good for. */
  lifePieces: pieces.min(1),
  /** The stages that it serves. */
  serves: z.array(z.enum(STAGES)).min(1).max(STAGES.length),
  retired: z.boolean(),
  note,
});

/** What a maker's hour, power and trouble cost. */
export const money = z.strictObject({
  /** How the maker writes money: `€`, `kr`, `$`. */
  sign: z.string().min(1).max(4),
  ratePerHour: z.number().min(0).max(10_000),
  pricePerKWh: z.number().min(0).max(100),
  potKW: z.number().min(0).max(100),
  ovenKW: z.number().min(0).max(100),
  /** Put on the cost of what is sold. */
  marginShare: z.number().min(0).max(10),
});

export type Outlay = z.infer<typeof outlay>;
export type Stage = (typeof STAGES)[number];
export type Money = z.infer<typeof money>;

/** Before the maker said anything: an hour for love, guesses for the rest. */
export const NEW_MONEY: Money = {
  sign: '€',
  ratePerHour: 0,
  pricePerKWh: 0.3,
  potKW: 0.5,
  ovenKW: 1.4,
  marginShare: 0.5,
};
