import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'diameter', label: 'Diameter', usual: 12, solves: { part: 0, field: 'diameterMm' } },
];

export const ball: CavityForm = {
  key: 'ball',
  name: 'Ball',
  style: 'ball',
  way: 'turned',
  fields,
  solid: (sizes) => ({ parts: [{ shape: 'sphere', diameterMm: sizeOf(fields, sizes, 'diameter') }] }),
  dragCoefficient: 0.47,
};
