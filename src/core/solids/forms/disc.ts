import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'bit', label: 'Drill bit', usual: 30, solves: { part: 1, field: 'diameterMm' } },
  { key: 'depth', label: 'Depth', usual: 6, solves: { part: 1, field: 'heightMm' } },
  { key: 'prongBit', label: 'Prong bit', usual: 2.5, solves: { part: 0, field: 'diameterMm' } },
  { key: 'prong', label: 'Prong length', usual: 8, solves: { part: 0, field: 'heightMm' } },
];

/** A flat-bottomed hole in a board with two thin holes in its floor: a disc that grips the sand. */
export const disc: CavityForm = {
  key: 'disc',
  name: 'Disc with prongs',
  style: 'disc',
  way: 'drilled',
  fields,
  solid: (sizes) => {
    const of = (key: string) => sizeOf(fields, sizes, key);
    return {
      parts: [
        { shape: 'cylinder', diameterMm: of('prongBit'), heightMm: of('prong'), count: 2 },
        { shape: 'cylinder', diameterMm: of('bit'), heightMm: of('depth'), zMm: of('prong') },
      ],
    };
  },
  dragCoefficient: 1.1,
};
