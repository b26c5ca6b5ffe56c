const MM3_PER_M3 = 1e9;

/** What stands in a square of the grid, as heat sees it. */
export interface ThermalMaterial {
  readonly conductivityWmK: number;
  readonly densityKgM3: number;
  readonly specificJkgK: number;
  /** Of what melts: where it is all solid, where all liquid, and what that takes; null for molds, hooks and pins. */
  readonly melting: {
    readonly solidusC: number;
    readonly liquidusC: number;
    readonly latentJkg: number;
  } | null;
}

/** A side of the grid: how heat leaves through it, W/m2K, and to what. Infinity holds it at that temperature. */
export interface GridSide {
  readonly filmWm2K: number;
  readonly ambientC: number;
}

export const GRID_SIDES = ['left', 'right', 'front', 'back', 'foot', 'top'] as const;
export type GridSideName = (typeof GRID_SIDES)[number];

/** A body cut into bricks: what each is of, row by row, layer by layer. Fine where it matters, coarse far off. */
export interface ThermalGrid {
  readonly counts: readonly [across: number, deep: number, high: number];
  /** How wide each slice is, along each of the three axes, mm. */
  readonly widthsMm: readonly [across: Float64Array, deep: Float64Array, high: Float64Array];
  readonly materials: readonly ThermalMaterial[];
  /** Which of the materials each brick is of. */
  readonly of: Uint8Array;
  /** Sides that are left out let no heat through. */
  readonly sides: Readonly<Partial<Record<GridSideName, GridSide>>>;
  /** What a face between what melts and what does not resists with, W/m2K; none where left out. */
  readonly contactWm2K?: number;
}

/**
 * Slices all of one width.
 *
 * @example evenWidths([10, 10, 4], 0.5)[2].length // 4
 */
export function evenWidths(counts: ThermalGrid['counts'], stepMm: number): ThermalGrid['widthsMm'] {
  const [across, deep, high] = counts;
  return [
    new Float64Array(across).fill(stepMm),
    new Float64Array(deep).fill(stepMm),
    new Float64Array(high).fill(stepMm),
  ];
}

/**
 * The room of each brick, m3.
 *
 * @example brickRooms(grid)[0] // 1.25e-10, of a brick of 0.5 mm
 */
export function brickRooms({ counts, widthsMm, of }: ThermalGrid): Float64Array {
  const [across, deep] = counts;
  const [x, y, z] = widthsMm;
  return Float64Array.from(
    of,
    (_, at) =>
      ((x[at % across] ?? 0) *
        (y[Math.floor(at / across) % deep] ?? 0) *
        (z[Math.floor(at / (across * deep))] ?? 0)) /
      MM3_PER_M3,
  );
}
