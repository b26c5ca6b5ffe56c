import type { ThermalMaterial } from '@/core/freezing/grid';

/** What molds are made of, as heat sees it. */
export interface MoldMaterial extends ThermalMaterial {
  readonly key: string;
  readonly name: string;
  /** What the gap at its wall lets through while a casting lies in it, W/m2K; typical, and the first thing a timed head corrects. */
  readonly contactWm2K: number;
  readonly source: string;
}

const HANDBOOK = 'handbook values at 100 to 200 C; the contact typical of castings in such molds';

const plain = (
  key: string,
  name: string,
  [conductivityWmK, densityKgM3, specificJkgK]: readonly [number, number, number],
  contactWm2K: number,
): MoldMaterial => ({
  key,
  name,
  conductivityWmK,
  densityKgM3,
  specificJkgK,
  melting: null,
  contactWm2K,
  source: HANDBOOK,
});

/** Every material a mold is made of at home or bought in. A new one is one line here. */
export const MOLD_MATERIALS: readonly MoldMaterial[] = [
  plain('aluminum', 'Aluminum', [160, 2700, 900], 2500),
  plain('steel', 'Steel', [50, 7850, 480], 2000),
  plain('silicone', 'Silicone', [0.3, 1300, 1250], 800),
  plain('plaster', 'Plaster', [0.45, 1100, 1000], 700),
  plain('wood', 'Wood board', [0.16, 600, 1700], 500),
  plain('resin', 'Printed resin', [0.22, 1180, 1500], 700),
];

/** A hook, a wire or a pin laid into the mold. */
export const STEEL_WIRE: ThermalMaterial = {
  conductivityWmK: 45,
  densityKgM3: 7850,
  specificJkgK: 480,
  melting: null,
};
