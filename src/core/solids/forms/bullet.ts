import { arcProfile } from '../shapes/arc-profile';
import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'diameter', label: 'Diameter', usual: 11 },
  { key: 'nose', label: 'Nose length', usual: 10 },
  { key: 'body', label: 'Body length', usual: 6, solves: { part: 1, field: 'heightMm' } },
];

/** A long round nose on a straight body. */
export const bullet: CavityForm = {
  key: 'bullet',
  name: 'Bullet',
  style: 'bullet',
  way: 'turned',
  fields,
  solid: (sizes) => {
    const of = (key: string) => sizeOf(fields, sizes, key);
    const [radius, nose] = [of('diameter') / 2, of('nose')];
    return {
      parts: [
        { shape: 'revolve', profile: arcProfile(radius, nose, -90, 0, nose) },
        { shape: 'cylinder', diameterMm: 2 * radius, heightMm: of('body'), zMm: nose },
      ],
    };
  },
  dragCoefficient: 0.35,
};
