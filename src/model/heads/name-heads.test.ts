import { demoBench } from '@/demo/demo-bench';
import { deriveView } from '@/model/bench/bench-model';
import { viewOf } from '../../../tests/support/view-of';
import { benchModel } from '../bench/bench-model';
import { nameHeads } from './name-heads';

const view = viewOf(demoBench(Date.UTC(2026, 4, 20)));
const heads = view.bins.filter(({ kind }) => kind === 'head');
const names = (mass: 'g' | 'oz' | 'oz-fraction') =>
  nameHeads(view.bins, mass)
    .filter(({ kind }) => kind === 'head')
    .map(({ name }) => name);

describe('nameHeads', () => {
  it('writes the weight in a name that Ruvek made in the maker’s unit, and keeps what follows it', () => {
    const [first] = heads;
    if (first?.kind !== 'head') throw new Error('the demo bench has heads');
    const made = {
      ...first,
      style: 'round',
      nominalG: 10.631_1,
      hookBinId: null,
      name: 'Round 10.63 g, Lot 9',
    };
    expect(nameHeads([made], 'oz-fraction')[0]!.name).toBe('Round 3/8 oz, Lot 9');
    expect(nameHeads([made], 'oz')[0]!.name).toBe('Round 0.38 oz, Lot 9');
    expect(nameHeads(nameHeads([made], 'oz-fraction'), 'g')).toEqual([made]);
  });

  it('leaves a name of the maker’s own as it is, also where it begins alike', () => {
    const [first] = heads;
    if (first?.kind !== 'head') throw new Error('the demo bench has heads');
    for (const name of ['My favorite', 'Round 10 gross lot', 'Round 10']) {
      const own = { ...first, style: 'round', nominalG: 10, hookBinId: null, name };
      expect(nameHeads([own], 'oz')[0]).toBe(own);
    }
  });

  it('comes back to the same names from any unit, on a whole bench', () => {
    expect(names('g')).toEqual(heads.map(({ name }) => name));
    expect(names('oz-fraction').every((name) => !/\d g\b/.test(name))).toBe(true);
  });

  it('is what the bench shows, and what hangs on no unit stays the very same', () => {
    const model = benchModel();
    const grams = model(view);
    const ounces = model(view, 'oz-fraction');
    expect(ounces.bins.some(({ name }) => / oz, /.test(name))).toBe(true);
    expect(grams.bins).toEqual(deriveView(view).bins);
    expect(ounces.made).toBe(grams.made);
  });
});
