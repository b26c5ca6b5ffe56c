import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'tip', label: 'Tip diameter', usual: 3, solves: { part: 0, field: 'bottomDiameterMm' } },
  { key: 'base', label: 'Base diameter', usual: 16, solves: { part: 0, field: 'topDiameterMm' } },
  { key: 'length', label: 'Length', usual: 20, solves: { part: 0, field: 'heightMm' } },
];

export const cone: CavityForm = {
  key: 'cone',
  name: 'Cone',
  style: 'cone',
  way: 'turned',
  fields,
  solid: (sizes) => {
    const of = (key: string) => sizeOf(fields, sizes, key);
    const ends = { bottomDiameterMm: of('tip'), topDiameterMm: of('base'), heightMm: of('length') };
    return { parts: [{ shape: 'frustum', ...ends }] };
  },
  dragCoefficient: 0.5,
};
