import type { MeshBounds } from '../meshes/mesh-bounds';
import { meshBounds } from '../meshes/mesh-bounds';
import type { GatePoint } from '../molds/gate-run';
import type { CastFlaw } from './cast-flaws';
import { CAST_ROLES, type Casting, type PourSetting } from './casting';
import { brickRooms } from './grid';
import { heatContent } from './heat-content';
import type { FeedVerdict } from './judge-feed';
import type { JudgedCasting } from './judge-casting';
import type { FillVerdict } from './judge-fill';

/** The plane through the middle of a casting, cell by cell from the lower left. */
export interface FreezeSection {
  /** Middles of its columns and rows, mm. */
  readonly xsMm: Float64Array;
  readonly zsMm: Float64Array;
  /** What each cell is, by its place among the roles, and when it is solid, s; Infinity where it is not, or does not melt. */
  readonly roles: Uint8Array;
  readonly solidAtS: Float32Array;
}

/** What of a cavity's plane is empty: 0 off the body, 1 filled, 2 empty. */
export interface FillSection {
  readonly xsMm: Float64Array;
  readonly zsMm: Float64Array;
  readonly state: Uint8Array;
}

/** A freezing as a page shows it. */
export interface FrozenPicture {
  readonly bounds: MeshBounds;
  readonly run: readonly GatePoint[];
  readonly section: FreezeSection;
  readonly filling: FillSection;
  /** Null where it was not solid by the end of what was followed. */
  readonly feed: FeedVerdict | null;
  readonly fill: Pick<FillVerdict, 'spentMost' | 'fullS' | 'flashFromMm'>;
  readonly flaws: readonly CastFlaw[];
  readonly bodyMm3: number;
  /** What the metal gives the block until it is solid, J. */
  readonly pourJ: number;
  readonly bricks: number;
  /** How many times slower the maker's own timed head froze than reckoned; 1 where none was timed. */
  readonly slower: number;
}

const MM3_PER_M3 = 1e9;

/**
 * What a page needs of a judged casting: the plane where its halves part, and what was found.
 *
 * @example pictureFreeze(casting, setting, judged, 1).section.roles.length // columns times rows
 */
export function pictureFreeze(
  casting: Casting,
  setting: PourSetting,
  { frozen, filled, fill, flaws }: JudgedCasting,
  slower: number,
): FrozenPicture {
  const { laid, verdict } = frozen;
  const { grid, middles } = laid;
  const [, body, gate] = CAST_ROLES.map((_, nth) => nth);
  const row = nearest(middles[1], 0);
  const rooms = brickRooms(grid);
  const { metal } = setting;
  const gives = heatContent(metal, setting.pouredC) - heatContent(metal, metal.melting.solidusC, 0);
  let [bodyMm3, metalM3] = [0, 0];
  for (let at = 0; at < grid.of.length; at += 1) {
    const role = grid.of[at];
    if (role === body) bodyMm3 += (rooms[at] ?? 0) * MM3_PER_M3;
    if (role === body || role === gate) metalM3 += rooms[at] ?? 0;
  }
  const inBody = new Set(filled.cells);
  const state = Uint8Array.from({ length: filled.spent.length }, (_, cell) =>
    inBody.has(cell) ? ((filled.spent[cell] ?? Infinity) >= 1 ? 2 : 1) : 0,
  );
  return {
    bounds: meshBounds(laid.body),
    run: laid.run,
    section: {
      xsMm: middles[0],
      zsMm: middles[2],
      roles: Uint8Array.from(planeOf(grid.of, grid.counts, row), (role) => role ?? 0),
      solidAtS: Float32Array.from(planeOf(frozen.frozen.solidAtS, grid.counts, row), (s) => s ?? Infinity),
    },
    filling: {
      xsMm: filled.middles[0],
      zsMm: filled.middles[2],
      state: Uint8Array.from(
        planeOf(state, filled.counts, nearest(filled.middles[1], 0)),
        (each) => each ?? 0,
      ),
    },
    feed: verdict,
    fill: { spentMost: fill.spentMost, fullS: fill.fullS, flashFromMm: fill.flashFromMm },
    flaws,
    bodyMm3,
    pourJ: gives * metalM3,
    bricks: grid.of.length,
    slower,
  };
}

/** One layer of cells across the depth, row by row from the foot. */
function planeOf<T>(of: ArrayLike<T>, [across, deep, high]: readonly [number, number, number], at: number) {
  return Array.from(
    { length: across * high },
    (_, cell) => of[Math.floor(cell / across) * across * deep + at * across + (cell % across)],
  );
}

/** Which of rising places lies nearest to one. */
function nearest(places: Float64Array, to: number): number {
  let best = 0;
  for (let at = 1; at < places.length; at += 1) {
    if (Math.abs((places[at] ?? 0) - to) < Math.abs((places[best] ?? 0) - to)) best = at;
  }
  return best;
}
