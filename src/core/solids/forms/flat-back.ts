import type { ProfilePoint } from '../loft';
import { sizeOf, type CavityForm, type FormField } from './definition';

const fields: readonly FormField[] = [
  { key: 'width', label: 'Width', usual: 22 },
  { key: 'height', label: 'Height', usual: 9 },
  { key: 'length', label: 'Length', usual: 34 },
];

const STEPS = 24;

/** Half an egg lying on its flat: poured open into a drilled or pressed hollow, it holds in a current. */
export const flatBack: CavityForm = {
  key: 'flat-back',
  name: 'Flat back',
  style: 'flat-back',
  way: 'printed',
  fields,
  solid: (sizes) => {
    const of = (key: string) => sizeOf(fields, sizes, key);
    const profile = Array.from({ length: STEPS + 1 }, (_, step): ProfilePoint => {
      const along = step / STEPS;
      const round = step === 0 || step === STEPS ? 0 : Math.sqrt(Math.sin(Math.PI * along ** 0.8));
      return [(of('width') / 2) * round, along * of('length')];
    });
    return { parts: [{ shape: 'loft', section: 'half', depth: (2 * of('height')) / of('width'), profile }] };
  },
  dragCoefficient: 0.6,
};
