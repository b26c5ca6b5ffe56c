import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'diameter', label: 'Diameter', usual: 9 },
  { key: 'head', label: 'Head taper', usual: 6 },
  { key: 'body', label: 'Body length', usual: 18, solves: { part: 1, field: 'heightMm' } },
  { key: 'tail', label: 'Tail taper', usual: 14 },
];

/** Long and slim with a tapered tail: it walks over stones on its wire. */
export const walking: CavityForm = {
  key: 'walking',
  name: 'Walking sinker',
  style: 'walking',
  way: 'turned',
  fields,
  solid: (sizes) => {
    const of = (key: string) => sizeOf(fields, sizes, key);
    const diameterMm = of('diameter');
    const [tail, body] = [of('tail'), of('body')];
    return {
      parts: [
        { shape: 'frustum', bottomDiameterMm: diameterMm * 0.3, topDiameterMm: diameterMm, heightMm: tail },
        { shape: 'cylinder', diameterMm, heightMm: body, zMm: tail },
        {
          shape: 'frustum',
          bottomDiameterMm: diameterMm,
          topDiameterMm: diameterMm * 0.5,
          heightMm: of('head'),
          zMm: tail + body,
        },
      ],
    };
  },
  dragCoefficient: 0.3,
};
