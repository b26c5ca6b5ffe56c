import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'height', label: 'Height', usual: 11, solves: { part: 0, field: 'xMm' } },
  { key: 'width', label: 'Width across', usual: 19, solves: { part: 0, field: 'yMm' } },
  { key: 'length', label: 'Along the hook', usual: 12, solves: { part: 0, field: 'zSizeMm' } },
];

/** Wider across than along the hook: it rocks on the bottom and does not roll. */
export const football: CavityForm = {
  key: 'football',
  name: 'Football',
  style: 'football',
  way: 'printed',
  fields,
  solid: (sizes) => {
    const of = (key: string) => sizeOf(fields, sizes, key);
    return { parts: [{ shape: 'ellipsoid', xMm: of('height'), yMm: of('width'), zSizeMm: of('length') }] };
  },
  dragCoefficient: 0.5,
};
