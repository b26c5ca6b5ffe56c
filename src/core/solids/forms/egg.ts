import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'diameter', label: 'Diameter', usual: 13 },
  { key: 'length', label: 'Length', usual: 19, solves: { part: 0, field: 'zSizeMm' } },
];

export const egg: CavityForm = {
  key: 'egg',
  name: 'Egg',
  style: 'egg',
  way: 'turned',
  fields,
  solid: (sizes) => {
    const diameterMm = sizeOf(fields, sizes, 'diameter');
    const zSizeMm = sizeOf(fields, sizes, 'length');
    return { parts: [{ shape: 'ellipsoid', xMm: diameterMm, yMm: diameterMm, zSizeMm }] };
  },
  dragCoefficient: 0.3,
};
