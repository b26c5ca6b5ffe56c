import { CAST_ROLES, type Casting, type PourSetting } from './casting';
import { followFreeze, type FollowedFreeze } from './follow-freeze';
import { heatContent } from './heat-content';
import { judgeFeed, type FeedVerdict } from './judge-feed';
import { layCasting, type LaidCasting } from './lay-casting';

export interface FrozenCasting {
  readonly laid: LaidCasting;
  readonly frozen: FollowedFreeze;
  /** Null where it was not solid by the end of what was followed. */
  readonly verdict: FeedVerdict | null;
}

interface FreezeOptions {
  readonly mostBricks: number;
  /** Hears how much of the metal is solid, a share. */
  readonly onProgress?: (share: number) => void;
}

/** Followed in so many steps to the time that its thickest place is guessed to take, and so many times that at most. */
const [STEPS, PATIENCE] = [60, 12];

/**
 * Follows a casting from the moment it is full until it is solid: everything poured at one temperature, the block and what
 * lies in it at another. `guessS` is about how long it takes: it sets the steps.
 *
 * @example freezeCasting(casting, setting, 4, { mostBricks: 100_000 }).verdict?.bodySolidS // 3.1
 */
export function freezeCasting(
  casting: Casting,
  setting: PourSetting,
  guessS: number,
  { mostBricks, onProgress }: FreezeOptions,
): FrozenCasting {
  const laid = layCasting(casting, setting, mostBricks);
  const { grid } = laid;
  const isMetal = CAST_ROLES.map((role) => role === 'body' || role === 'gate');
  const held = grid.materials.map((material, role) =>
    heatContent(material, isMetal[role] ? setting.pouredC : setting.blockC),
  );
  const heat = Float64Array.from(grid.of, (role) => held[role] ?? 0);
  const frozen = followFreeze(grid, heat, {
    stepS: guessS / STEPS,
    mostS: guessS * PATIENCE,
    ...(onProgress ? { onProgress } : {}),
  });
  return { laid, frozen, verdict: judgeFeed(laid, frozen, setting.metal) };
}
