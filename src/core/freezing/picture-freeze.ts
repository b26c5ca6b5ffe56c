import type { MeshBounds } from '../meshes/mesh-bounds';
import { meshBounds } from '../meshes/mesh-bounds';
import type { GatePoint } from '../molds/gate-run';
import type { CastFlaw } from './cast-flaws';
import { CAST_ROLES, type Casting, type PourSetting } from './casting';
import { crossings } from '../meshes/crossings';
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

/** A plane told on even points: row by row from the foot. */
export interface PlaneSection {
  readonly xsMm: Float64Array;
  readonly zsMm: Float64Array;
  readonly values: Float32Array;
}

/** A freezing as a page shows it. */
export interface FrozenPicture {
  readonly bounds: MeshBounds;
  readonly run: readonly GatePoint[];
  readonly section: FreezeSection;
  /** How much of each point's cell lies in the cavity, a share. */
  readonly shape: PlaneSection;
  /** How much of its time to flow the metal has used at each place of the cavity: from 1 on it is empty; 0 off the cavity. */
  readonly spent: PlaneSection;
  /** Null where it was not solid by the end of what was followed. */
  readonly feed: FeedVerdict | null;
  readonly fill: Pick<FillVerdict, 'spentMost' | 'fullS' | 'flashFromMm'>;
  readonly flaws: readonly CastFlaw[];
  readonly bodyMm3: number;
  /** What the metal of the body gives the block until it is solid, J, and what a gram of it does. */
  readonly bodyJ: number;
  readonly heatJg: number;
  readonly bricks: number;
  /** How many times slower the maker's own timed head froze than worked out; 1 where none was timed. */
  readonly slower: number;
}

const [MM3_PER_M3, G_PER_KG] = [1e9, 1000];
/** Beyond twice its time a place is as empty as it gets. */
const MOST_SPENT = 2;
/** Columns of cells that a shape is drawn by. */
const COLUMNS = 240;

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
  const body = CAST_ROLES.indexOf('body');
  const row = nearest(middles[1], 0);
  const rooms = brickRooms(grid);
  const { metal } = setting;
  const gives = heatContent(metal, setting.pouredC) - heatContent(metal, metal.melting.solidusC, 0);
  let bodyMm3 = 0;
  for (let at = 0; at < grid.of.length; at += 1) {
    if (grid.of[at] === body) bodyMm3 += (rooms[at] ?? 0) * MM3_PER_M3;
  }
  const inBody = new Set(filled.cells);
  const spent = Float32Array.from(filled.spent, (share, cell) =>
    inBody.has(cell) ? Math.min(MOST_SPENT, share) : 0,
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
    shape: shapeSection(laid.body),
    spent: {
      xsMm: filled.middles[0],
      zsMm: filled.middles[2],
      values: Float32Array.from(
        planeOf(spent, filled.counts, nearest(filled.middles[1], 0)),
        (each) => each ?? 0,
      ),
    },
    feed: verdict,
    fill: { spentMost: fill.spentMost, fullS: fill.fullS, flashFromMm: fill.flashFromMm },
    flaws,
    bodyMm3,
    bodyJ: (gives * bodyMm3) / MM3_PER_M3,
    heatJg: gives / metal.densityKgM3 / G_PER_KG,
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

/** A body cut where its halves part: how much of each cell's height lies in it. A flat body is cut through its middle. */
function shapeSection(mesh: Float32Array): PlaneSection {
  const { min, max } = meshBounds(mesh);
  const step = (max[0] - min[0]) / COLUMNS;
  const rows = Math.max(2, Math.ceil((max[2] - min[2]) / step));
  const xsMm = Float64Array.from({ length: COLUMNS }, (_, at) => min[0] + (at + 0.5) * step);
  const zsMm = Float64Array.from({ length: rows }, (_, at) => min[2] + (at + 0.5) * step);
  const isFlat = min[1] >= 0 || max[1] <= 0;
  const y = isFlat ? (min[1] + max[1]) / 2 : 0;
  const lines = crossings(mesh, 2, xsMm, [y]);
  const values = new Float32Array(COLUMNS * rows);
  for (const [column, line] of lines.entries()) {
    for (let pair = 0; pair + 1 < line.length; pair += 2) {
      const [from, to] = [line[pair] ?? 0, line[pair + 1] ?? 0];
      for (let row = 0; row < rows; row += 1) {
        const foot = min[2] + row * step;
        const share = (Math.min(to, foot + step) - Math.max(from, foot)) / step;
        if (share > 0) values[row * COLUMNS + column] = (values[row * COLUMNS + column] ?? 0) + share;
      }
    }
  }
  return { xsMm, zsMm, values };
}

/** Which of rising places lies nearest to one. */
function nearest(places: Float64Array, to: number): number {
  let best = 0;
  for (let at = 1; at < places.length; at += 1) {
    if (Math.abs((places[at] ?? 0) - to) < Math.abs((places[best] ?? 0) - to)) best = at;
  }
  return best;
}
