import type { ThermalMaterial } from '../../src/core/freezing/grid';

export const LEAD: ThermalMaterial = {
  conductivityWmK: 30,
  densityKgM3: 10_900,
  specificJkgK: 138,
  melting: { solidusC: 327.5, liquidusC: 327.5, latentJkg: 23_000 },
};

export const ALUMINUM: ThermalMaterial = {
  conductivityWmK: 150,
  densityKgM3: 2700,
  specificJkgK: 900,
  melting: null,
};
