import { placeOn } from '../meshes/fill-mesh';
import type { Vec3 } from '../meshes/mesh';
import { CAST_ROLES, type PouredThermal } from './casting';
import { cutOffs, openWay } from './cut-off';
import type { FollowedFreeze } from './follow-freeze';
import { brickRooms } from './grid';
import type { LaidCasting } from './lay-casting';

/** A place that is still liquid when all ways from the gate to it are solid: it sucks hollow as it freezes. */
export interface Hollow {
  /** What freezes last there, and what shut the way to it, mm. */
  readonly atMm: Vec3;
  readonly shutAtMm: Vec3;
  /** Whether the way was shut in the gate, and not in the body. */
  readonly isByGate: boolean;
  /** How long the way was shut before that place was solid, s. */
  readonly beforeS: number;
  /** What was cut off, and how much of it is missing in the end, mm3. */
  readonly cutOffMm3: number;
  readonly hollowMm3: number;
}

/** What a freezing means for its casting. */
export interface FeedVerdict {
  /** When the narrowest of the way in is shut, the body solid, and all of it. */
  readonly gateShutS: number;
  readonly bodySolidS: number;
  readonly allSolidS: number;
  /** Where the body is solid last, mm. */
  readonly hotSpotMm: Vec3;
  /** Largest first; none where the gate feeds it to its end, or where it swells as it freezes. */
  readonly hollows: readonly Hollow[];
}

/** A hollow under this share of the body, or shut for less than this share of its time, is not seen. */
const [SEEN_SHARE, SEEN_TIME] = [0.0015, 0.03];
const MM3_PER_M3 = 1e9;

/**
 * Reads off a freezing where a casting is cut off from its gate: from the last solid to the first, what is liquid together
 * is a pool; a pool that only then meets the one with the gate, when its own last is long liquid, was shut there. Null where
 * some of it was not solid by the end.
 *
 * @example judgeFeed(laid, frozen, lead)?.hollows.length // 0: the gate outlasts the body
 */
export function judgeFeed(
  { grid, middles }: LaidCasting,
  { solidAtS, allSolidS }: FollowedFreeze,
  { freezingShrink }: Pick<PouredThermal, 'freezingShrink'>,
): FeedVerdict | null {
  if (allSolidS === null) return null;
  const { counts, of } = grid;
  const [across, deep, high] = counts;
  const [, body, gate] = CAST_ROLES.map((_, nth) => nth);
  const rooms = brickRooms(grid).map((room) => room * MM3_PER_M3);
  const metal = Array.from(of.keys()).filter((at) => of[at] === body || of[at] === gate);
  const isBody = (at: number) => of[at] === body;
  const solidAt = (at: number) => solidAtS[at] ?? 0;
  const placeOf = placeOn(middles);
  // What stands in the mouth, or open to the air, feeds what it reaches.
  const isMouth = (at: number) => Math.floor(at / (across * deep)) === high - 1;
  const open = { counts, cells: metal, openUntil: solidAt };
  const hollows = cutOffs(open, isMouth, SEEN_TIME * allSolidS).flatMap(
    ({ last, by, before, cells }): Hollow[] => {
      if (!isBody(last)) return [];
      const cutOffMm3 = cells.filter(isBody).reduce((so, at) => so + (rooms[at] ?? 0), 0);
      return [
        {
          atMm: placeOf(last),
          shutAtMm: placeOf(by),
          isByGate: !isBody(by),
          beforeS: before,
          cutOffMm3,
          hollowMm3: Math.max(0, freezingShrink) * cutOffMm3,
        },
      ];
    },
  );

  let [last, rest] = [metal[0] ?? 0, 0];
  for (const at of metal) {
    if (!isBody(at)) continue;
    rest += rooms[at] ?? 0;
    if (!isBody(last) || solidAt(at) > solidAt(last)) last = at;
  }
  const seen = hollows
    .filter(({ hollowMm3 }) => hollowMm3 > SEEN_SHARE * rest)
    .toSorted((a, b) => b.hollowMm3 - a.hollowMm3);
  return {
    gateShutS: openWay(open, isMouth, isBody) ?? solidAt(last),
    bodySolidS: solidAt(last),
    allSolidS,
    hotSpotMm: placeOf(last),
    hollows: seen,
  };
}
