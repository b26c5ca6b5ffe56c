import { z } from 'zod';
import { HEATER_KINDS } from '@/core/coats/ways/definition';
import { id, instant, name, overZeroGrams, positive } from './fields';

const celsius = z.number().min(-40).max(2000);

/** A head that was timed in it: what its heat transfer was found from. */
const trial = z.strictObject({
  at: instant,
  /** Which head, in words. */
  what: name,
  massG: overZeroGrams,
  specificHeatJkgK: positive(5000),
  areaCm2: positive(10_000),
  startC: celsius,
  targetC: celsius,
  seconds: positive(36_000),
  /** Its room, and the heat transfer it told; left out of what was timed before sizes counted. */
  volumeCm3: positive(10_000).optional(),
  hWm2K: positive(2000).optional(),
});

const MOST_TRIALS = 12;

/** What a rack for the oven holds, and what the oven can give. */
const oven = z.strictObject({
  rods: z.int().min(1).max(12),
  slots: z.int().min(1).max(60),
  slotMm: positive(200),
  /** From a rod to what is under it. */
  dropMm: positive(500),
  rackG: z.number().min(0).max(20_000),
  powerW: positive(20_000),
  /** From cold to its heat, empty. */
  heatUpMin: z.number().min(0).max(240),
  /** Food is made in it. Then no head goes in. */
  isForFood: z.boolean(),
});

/** What heats heads: a flame, a heat gun, an oven. */
export const heater = z.strictObject({
  id,
  name,
  kind: z.enum(HEATER_KINDS),
  /** What it stands at where heads are held, C. For an oven, what its dial is set to for preheating. */
  sourceC: celsius,
  hWm2K: positive(2000),
  /** The last timed head; null while the heat transfer is a guess. */
  trial: trial.nullable(),
  /** Heads of other sizes that were timed before it; left out where none was. */
  earlier: z.array(trial).max(MOST_TRIALS).optional(),
  /** Null for what is no oven. */
  oven: oven.nullable(),
});

export type OvenFacts = z.infer<typeof oven>;
export type Heater = z.infer<typeof heater>;

/** How alike two sizes of heads are that count as one, a share. */
const SAME_SIZE = 0.03;

/**
 * A heater with one more timed head: the last one leads; of those before it, one of each other size is kept.
 *
 * @example withTrial(gun, trial, 64).hWm2K // 64
 */
export function withTrial(
  heater: Heater,
  timed: NonNullable<Heater['trial']> & { readonly volumeCm3: number; readonly hWm2K: number },
): Heater {
  const sizeOf = ({ volumeCm3, areaCm2 }: { volumeCm3?: number | undefined; areaCm2: number }) =>
    volumeCm3 === undefined ? null : volumeCm3 / areaCm2;
  const size = timed.volumeCm3 / timed.areaCm2;
  const before = [...(heater.earlier ?? []), ...(heater.trial ? [heater.trial] : [])].filter((each) => {
    const other = sizeOf(each);
    return other !== null && Math.abs(other / size - 1) > SAME_SIZE;
  });
  return {
    ...heater,
    hWm2K: timed.hWm2K,
    trial: timed,
    ...(before.length > 0 ? { earlier: before.slice(-MOST_TRIALS) } : { earlier: undefined }),
  };
}
