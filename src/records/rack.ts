import { z } from 'zod';
import { CURE_SCHOOL_IDS } from '@/core/coats/cures/definition';
import { TRAY_CHECK_IDS } from '@/core/coats/tray-checks';
import { grams, id, instant, positive, ref, serial } from './fields';

const celsius = z.number().min(-40).max(500);

/** One head in its slot. */
const hung = z.strictObject({
  rod: z.int().min(0).max(11),
  /** The first of its slots. */
  slot: z.int().min(0).max(59),
  slotsEach: z.int().min(1).max(60),
  headBinId: ref('bins', 'head'),
  coatId: ref('coats'),
  ticketId: id.nullable(),
  lineId: id.nullable(),
});

/**
 * One load of the oven: heads in their slots, its cure, and how far it is. Heads that were dipped and hung, and never
 * went into an oven, are a load too, out as soon as they hang.
 */
export const rack = z.strictObject({
  id,
  no: serial,
  /** `hanging`: being filled; `curing`: in the oven; `out`: booked; `dropped`: taken down again. */
  state: z.enum(['hanging', 'curing', 'out', 'dropped']),
  /** Null for heads that hang and are not baked. */
  ovenId: ref('heaters').nullable(),
  school: z.enum(CURE_SCHOOL_IDS),
  /** What the part is to reach, and for how long; what it left the heat with, for no time, where it is not baked. */
  partC: celsius,
  minutes: z.number().min(0).max(240),
  hung: z.array(hung).max(720),
  /** Checked off, rod by rod. */
  checks: z.array(z.strictObject({ check: z.enum(TRAY_CHECK_IDS), rod: z.int().min(0).max(11) })).max(72),
  createdAt: instant,
  /** When it went in, and how hot the heads were then. */
  inAt: instant.nullable(),
  startC: celsius,
  /** The slowest head: its time constant in this oven, s, and how long until it is hot, as reckoned going in. */
  tauS: positive(100_000).nullable(),
  warmS: z.number().min(0).max(20_000).nullable(),
  /** As an oven thermometer had it last; null where none told. */
  followed: z.strictObject({ at: instant, headC: celsius, cureS: z.number().min(0) }).nullable(),
  /** When it is to come out: reckoned, moved by the thermometer. */
  outAt: instant.nullable(),
  /** The bench clock that rings for it. */
  clockId: id.nullable(),
  endedAt: instant.nullable(),
  /** What it took of each powder. */
  used: z.array(z.strictObject({ powderBinId: ref('bins', 'powder'), g: grams })).max(40),
});

export type Hung = z.infer<typeof hung>;
export type Rack = z.infer<typeof rack>;
