import { z } from 'zod';
import { INCH_UNITS, METRIC_UNITS } from '@/core/units/unit-choices';
import { usualUnits } from '@/core/units/usual-units';

/**
 * How this screen shows the bench: not part of the bench, so neither in its ledger nor in its backup. A phone in
 * a dark shed and a desk by the window look at one bench each in their way.
 */
const preferences = z.object({
  look: z.enum(['day', 'shed']).catch('day'),
  isGloved: z.boolean().catch(false),
  isSlipFolded: z.boolean().catch(false),
  mass: z.enum(['g', 'oz', 'oz-fraction']).catch('g'),
  length: z.enum(['mm', 'in']).catch('mm'),
  temperature: z.enum(['C', 'F']).catch('C'),
  strength: z.enum(['kg', 'lb']).catch('kg'),
  volume: z.enum(['ml', 'fl oz', 'cup']).catch('ml'),
  speed: z.enum(['m/s', 'km/h', 'ft/s', 'mph']).catch('m/s'),
  depth: z.enum(['m', 'ft']).catch('m'),
  dates: z.enum(['month-first', 'day-first']).catch('month-first'),
  clock: z.enum(['24', '12']).catch('24'),
  ticketInHand: z.string().nullable().catch(null),
  metalInHand: z.string().nullable().catch(null),
  /** How the beat of a run is kept, and with how many blocks at once. */
  beat: z.enum(['hand', 'tally']).catch('hand'),
  blocksInHand: z.int().min(1).max(3).catch(1),
  /** How heads are coated, and how warm the shed is, C. */
  coatWay: z.enum(['flame-dip', 'fluid-bed', 'oven-dust']).catch('flame-dip'),
  shedC: z.number().min(-10).max(45).catch(20),
  /** How long the maker is used to heat, s, by way, heater and head. */
  ownHeatS: z.record(z.string(), z.number().gt(0).max(36_000)).catch({}),
  /** Which hand holds the thread: the card is drawn for it. */
  hand: z.enum(['right', 'left']).catch('right'),
  /** The card is read aloud. */
  isSpoken: z.boolean().catch(false),
  /** From where skirts are looked at. */
  skirtView: z.enum(['side', 'top', 'end']).catch('side'),
  /** Pixels to a true millimeter of this screen; null until somebody held a card to it. */
  screenPxPerMm: z.number().min(1).max(40).nullable().catch(null),
  /** What templates are printed on. */
  paper: z.enum(['a4', 'letter']).catch('a4'),
  /** An offcut shorter than this is thrown away, mm. */
  leastOffcutMm: z.number().min(0).max(5000).catch(120),
  backedUpAt: z.number().nullable().catch(null),
  /** The browser was asked to keep the bench, at the first deed. */
  isKeepingAsked: z.boolean().catch(false),
  /** What this device is called among those that share a folder, and its own short mark. */
  deviceName: z.string().max(40).catch(''),
  deviceMark: z.string().max(12).catch(''),
  /** The chosen folder is shared with the maker's other devices. */
  isFolderShared: z.boolean().catch(false),
});

export type Preferences = z.infer<typeof preferences>;

export const DEFAULT_PREFERENCES: Preferences = preferences.parse({});

/** Also read by the inline script of the page frame, before anything is drawn. */
export const PREFERENCES_KEY = 'ruvek-screen';

/**
 * Reads what was kept; anything missing or damaged falls back field by field. Where nothing was kept yet, units and paper
 * are those of the browser's language.
 */
export function readPreferences(storage: Pick<Storage, 'getItem'>, language?: string): Preferences {
  try {
    const kept = storage.getItem(PREFERENCES_KEY);
    if (kept === null && language !== undefined) return preferences.parse(usualUnits(language));
    return preferences.parse(withUnitsOfItsSystem(JSON.parse(kept ?? '{}')));
  } catch {
    return DEFAULT_PREFERENCES;
  }
}

/** What was kept before each quantity had a unit of its own goes on in feet and pounds where it was kept in inches. */
function withUnitsOfItsSystem(kept: unknown): unknown {
  if (typeof kept !== 'object' || kept === null) return kept;
  return { ...('length' in kept && kept.length === 'in' ? INCH_UNITS : METRIC_UNITS), ...kept };
}

export function keepPreferences(storage: Pick<Storage, 'setItem'>, value: Preferences): void {
  storage.setItem(PREFERENCES_KEY, JSON.stringify(value));
}
