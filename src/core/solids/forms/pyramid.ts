import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'tip', label: 'Tip edge', usual: 3 },
  { key: 'base', label: 'Base edge', usual: 20 },
  { key: 'length', label: 'Height', usual: 34 },
];

/** Four flat sides that dig into sand. */
export const pyramid: CavityForm = {
  key: 'pyramid',
  name: 'Pyramid',
  style: 'pyramid',
  way: 'printed',
  fields,
  solid: (sizes) => {
    const of = (key: string) => sizeOf(fields, sizes, key);
    return {
      parts: [
        {
          shape: 'loft',
          section: 'square',
          depth: 1,
          profile: [
            [of('tip') / 2, 0],
            [of('base') / 2, of('length')],
          ],
        },
      ],
    };
  },
  dragCoefficient: 0.8,
};
