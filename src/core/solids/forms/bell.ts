import type { ProfilePoint } from '../loft';
import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'top', label: 'Top diameter', usual: 7 },
  { key: 'base', label: 'Base diameter', usual: 20 },
  { key: 'length', label: 'Length', usual: 32 },
];

/** How the radius runs from top to base: slim, then swelling, then drawn in at the foot. */
const CURVE: readonly (readonly [along: number, swell: number])[] = [
  [0, 0],
  [0.15, 0.03],
  [0.3, 0.12],
  [0.45, 0.32],
  [0.6, 0.6],
  [0.75, 0.88],
  [0.87, 1],
  [0.95, 0.95],
  [1, 0.8],
];

export const bell: CavityForm = {
  key: 'bell',
  name: 'Bell',
  style: 'bell',
  way: 'turned',
  fields,
  solid: (sizes) => {
    const of = (key: string) => sizeOf(fields, sizes, key);
    const [top, base] = [of('top') / 2, of('base') / 2];
    const profile = CURVE.map(([along, swell]): ProfilePoint => [
      top + (base - top) * swell,
      along * of('length'),
    ]);
    return { parts: [{ shape: 'revolve', profile }] };
  },
  dragCoefficient: 0.4,
};
