/** A pouring metal as the reference list knows it. */
export interface ReferenceMetal {
  readonly key: string;
  readonly name: string;
  /** Mass shares by element. */
  readonly composition: Readonly<Record<string, number>>;
  /** Linear shrink, a share. 'typical': expansion coefficient times the fall from solidus to 20 C. */
  readonly shrinkLinear: number;
  readonly source: string;
}

/** Metals that makers pour. Densities follow from the composition (`metal.density`). */
export const REFERENCE_METALS: readonly ReferenceMetal[] = [
  {
    key: 'soft-lead',
    name: 'Soft lead',
    composition: { Pb: 1 },
    shrinkLinear: 0.0089,
    source: '29e-6 per K from 327 C; typical',
  },
  {
    key: 'lead-2',
    name: 'Lead with 2 % antimony',
    composition: { Pb: 0.98, Sb: 0.02 },
    shrinkLinear: 0.0079,
    source: '28.5e-6 per K from about 297 C; typical',
  },
  {
    key: 'lead-4',
    name: 'Lead with 4 % antimony',
    composition: { Pb: 0.96, Sb: 0.04 },
    shrinkLinear: 0.0065,
    source: '28e-6 per K from 252 C; typical',
  },
  {
    key: 'lead-6',
    name: 'Lead with 6 % antimony',
    composition: { Pb: 0.94, Sb: 0.06 },
    shrinkLinear: 0.0064,
    source: '27.5e-6 per K from 252 C; typical',
  },
  {
    key: 'type-metal',
    name: 'Type metal',
    composition: { Pb: 0.78, Sb: 0.15, Sn: 0.07 },
    shrinkLinear: 0.005,
    source: '22e-6 per K from about 240 C; typical',
  },
  {
    key: 'pewter',
    name: 'Lead-free pewter',
    composition: { Sn: 0.92, Sb: 0.06, Cu: 0.02 },
    shrinkLinear: 0.0048,
    source: '21.5e-6 per K from about 244 C; typical',
  },
  {
    key: 'bismuth-tin',
    name: 'Bismuth-tin 58/42',
    composition: { Bi: 0.58, Sn: 0.42 },
    shrinkLinear: -0.0005,
    source: 'bismuth swells on freezing and outweighs the cooling; typical',
  },
  {
    key: 'tin',
    name: 'Tin',
    composition: { Sn: 1 },
    shrinkLinear: 0.0046,
    source: '22e-6 per K from 232 C; typical',
  },
];
