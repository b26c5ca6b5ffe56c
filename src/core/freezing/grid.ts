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

/** A body cut into cubes: what each is of, row by row, layer by layer. */
export interface ThermalGrid {
  readonly counts: readonly [across: number, deep: number, high: number];
  readonly stepMm: number;
  readonly materials: readonly ThermalMaterial[];
  /** Which of the materials each cube is of. */
  readonly of: Uint8Array;
  /** Sides that are left out let no heat through. */
  readonly sides: Readonly<Partial<Record<GridSideName, GridSide>>>;
  /** What a face between what melts and what does not resists with, W/m2K; none where left out. */
  readonly contactWm2K?: number;
}
