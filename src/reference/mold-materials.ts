import type { MoldThermal } from '@/core/freezing/casting';
import type { MoldKind } from '@/core/molds/made-of';
import type { ThermalMaterial } from '@/core/freezing/grid';

/** What molds are made of, as heat sees it. What the gap at the wall lets through is the first thing a timed head corrects. */
export interface MoldMaterial extends MoldThermal {
  readonly key: MoldKind;
  readonly name: string;
  /** The hottest it is worked at, C; typical. */
  readonly mostC: number;
  readonly source: string;
}

const HANDBOOK = 'handbook values at 100 to 200 C; the contact typical of castings in such molds';

const plain = (
  key: MoldKind,
  name: string,
  [conductivityWmK, densityKgM3, specificJkgK]: readonly [number, number, number],
  contactWm2K: number,
  mostC: number,
  isPorous = false,
): MoldMaterial => ({
  key,
  name,
  conductivityWmK,
  densityKgM3,
  specificJkgK,
  melting: null,
  contactWm2K,
  mostC,
  isPorous,
  source: HANDBOOK,
});

/** Every material a mold is made of at home or bought in. A new one is one line here. */
export const MOLD_MATERIALS: readonly MoldMaterial[] = [
  plain('aluminum', 'Aluminum', [160, 2700, 900], 1500, 220),
  plain('steel', 'Steel', [50, 7850, 480], 1500, 250),
  plain('silicone', 'Silicone', [0.3, 1300, 1250], 800, 250),
  plain('plaster', 'Plaster', [0.45, 1100, 1000], 700, 250, true),
  plain('wood', 'Wood board', [0.16, 600, 1700], 500, 120, true),
  plain('resin', 'Printed resin', [0.22, 1180, 1500], 700, 150),
];

/** A hook, a wire or a pin laid into the mold. */
export const STEEL_WIRE: ThermalMaterial = {
  conductivityWmK: 45,
  densityKgM3: 7850,
  specificJkgK: 480,
  melting: null,
};
